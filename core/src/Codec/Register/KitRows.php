<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec\Register;

use Lumbro\Core\Catalogue\Kit\Instrument;
use Lumbro\Core\Catalogue\Kit\KitItem;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** Instruments, stands and targets. */
final readonly class KitRows extends Rows
{
    private const LENGTHS = ['accuracy', 'resolution', 'sZero', 'zero', 'reach', 'targetAhead', 'targetLeft', 'halfWidth', 'phaseToPointer'];

    private const HEIGHTS = ['centre', 'top', 'apex', 'edge'];

    public function columns(): array
    {
        $field = static fn(string $name): Message => Message::of("kit.field.$name");

        return [
            new Column('sort', 'choice', Message::of('column.sort'), true, array_keys(KitItem::SORTS)),
            new Column('name', 'text', $field('name'), true),
            new Column('kind', 'text', $field('kind')),
            new Column('id', 'text', $field('id')),
            ...array_map(static fn(string $name): Column => new Column($name, 'length', $field($name)), self::LENGTHS),
            new Column('sScale', 'number', $field('sScale')),
            new Column('scale', 'number', $field('scale')),
            ...array_map(static fn(string $name): Column => new Column("heights.$name", 'length', Message::of("column.heights.$name")), self::HEIGHTS),
            new Column('lastCheck', 'day', $field('lastCheck')),
            new Column('nextCheck', 'day', $field('nextCheck')),
            new Column('note', 'text', $field('note')),
        ];
    }

    protected function made(Values $values, string $source): array
    {
        $besides = ['id' => self::id($values->text('name'))];
        $all = $values->all;
        if ($values->text('sort') === 'instrument') {
            $all['kind'] = (new Column('kind', 'choice', Message::of('kit.field.kind'), true, Instrument::KINDS))->read($values->text('kind')) ?? '';
            // They measure no length of their own.
            $besides += in_array($all['kind'], ['charger', 'scan-tool', 'laser', 'level'], true) ? ['accuracy' => 1.0, 'resolution' => 1.0] : [];
        }
        if ($values->text('sort') === 'stand') {
            unset($all['kind']);
            $besides += ['targetLeft' => 0.0];
        }
        $besides += $values->text('sort') === 'target' ? ['heights.centre' => 0.0] : [];

        return (new Values($all))->nested($besides);
    }

    public function check(Node $document): void
    {
        KitItem::read($document);
    }

    public function title(Node $document): string
    {
        $item = KitItem::read($document);

        return $item instanceof Instrument ? $item->measures->name : $item->name;
    }
}
