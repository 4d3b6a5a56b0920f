<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Journal\ConditionAnswered;
use Lumbro\Core\Measure\Node;

/**
 * Several preconditions that one look answers with yes; those that have values are answered one by one.
 *
 * @extends Command<ConditionAnswered>
 */
final readonly class AnswerConditions extends Command
{
    public function line(): string
    {
        return ConditionAnswered::class;
    }

    public function wish(): string
    {
        return ConditionsWish::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $lines = [];
        foreach (Document::read(ConditionsWish::class, $wish)->items as $i => $item) {
            $stamp = $i === 0 ? $stamp : $stamp->next();
            self::isPlain($now, $item);
            $lines[] = new ConditionAnswered(...$stamp->named(), item: $item->item, sensor: $item->sensor, answer: AnswerKind::Yes);
        }

        return $lines === [] ? throw InvalidInput::because('/payload/items', 'register.empty') : $lines;
    }

    public function goesAlone(): bool
    {
        return true;
    }

    /** @throws InvalidInput where it has values: they would go unread */
    private static function isPlain(Situation $now, ConditionItem $item): void
    {
        foreach ($now->order()->conditions as $state) {
            if ($state->condition->id === $item->item && $state->sensor === $item->sensor && $state->condition->values !== []) {
                throw InvalidInput::because('/payload/items', 'condition.one-by-one', ['question' => $state->condition->question]);
            }
        }
    }
}
