<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec\Register;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Bay\PlainBay;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** Rectangular bays, each by its two lengths, and one thing that stands in it. */
final readonly class BayRows extends Rows
{
    private const OBSTACLE = ['fromBack', 'fromLeft', 'length', 'width'];

    public function columns(): array
    {
        return [
            new Column('name', 'text', Message::of('column.bay.name'), true),
            new Column('length', 'length', Message::of('column.bay.length'), true),
            new Column('width', 'length', Message::of('column.bay.width'), true),
            new Column('sFloor', 'length', Message::of('column.bay.sFloor')),
            new Column('obstacle.name', 'text', Message::of('column.bay.obstacle')),
            ...array_map(static fn(string $name): Column => new Column("obstacle.$name", 'length', Message::of("column.bay.obstacle.$name")), self::OBSTACLE),
        ];
    }

    protected function made(Values $values, string $source): array
    {
        $obstacle = $values->nested()['obstacle'] ?? null;
        $plain = Document::read(PlainBay::class, Node::parse((string) json_encode([
            'name' => $values->text('name'), 'length' => $values->number('length'), 'width' => $values->number('width'), ...($obstacle === null ? [] : ['obstacles' => [$obstacle]]),
        ])));

        return [...Document::write($plain->bay()), ...($values->has('sFloor') ? ['sFloor' => $values->number('sFloor')] : [])];
    }

    public function row(Node $document): array
    {
        $bay = Document::read(Bay::class, $document);
        [$xs, $ys] = [array_column($bay->outline, 0), array_column($bay->outline, 1)];

        return [
            ...array_fill_keys(array_map(static fn(Column $column): string => $column->id, $this->columns()), null),
            'name' => $bay->name, 'length' => max($xs ?: [0.0]) - min($xs ?: [0.0]), 'width' => max($ys ?: [0.0]) - min($ys ?: [0.0]), 'sFloor' => $bay->sFloor,
        ];
    }

    public function check(Node $document): void
    {
        Document::read(Bay::class, $document);
    }

    public function title(Node $document): string
    {
        return Document::read(Bay::class, $document)->name;
    }
}
