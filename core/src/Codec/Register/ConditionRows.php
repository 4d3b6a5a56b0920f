<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec\Register;

use Lumbro\Core\Catalogue\ShopRules\Condition;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** Preconditions of a run, without the values they have. */
final readonly class ConditionRows extends Rows
{
    public function columns(): array
    {
        return [
            new Column('id', 'text', Message::of('column.rule.id')),
            new Column('question', 'text', Message::of('column.rule.question'), true),
            new Column('unmet', 'choice', Message::of('column.rule.unmet'), true, ['blocks', 'warns']),
            new Column('why', 'text', Message::of('column.rule.why'), true),
            new Column('for', 'choice', Message::of('column.rule.for'), false, ['car', 'sensor']),
            new Column('source', 'text', Message::of('column.rule.source')),
        ];
    }

    protected function made(Values $values, string $source): array
    {
        return [
            'id' => $values->optional('id') ?? self::id($values->text('question')), 'question' => $values->text('question'), 'perSensor' => $values->optional('for') === 'sensor',
            'unmet' => $values->text('unmet'), 'why' => $values->text('why'), 'source' => $values->optional('source') ?? $source,
        ];
    }

    public function check(Node $document): void
    {
        Document::read(Condition::class, $document);
    }

    public function title(Node $document): string
    {
        $condition = Document::read(Condition::class, $document);

        return is_string($condition->question) ? $condition->question : $condition->id;
    }
}
