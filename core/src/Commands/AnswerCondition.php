<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\ConditionAnswered;
use Lumbro\Core\Journal\Line;

/**
 * A precondition is answered, with the values that were read.
 *
 * @extends Command<ConditionAnswered>
 */
final readonly class AnswerCondition extends Command
{
    public function line(): string
    {
        return ConditionAnswered::class;
    }

    public function admit(Situation $now, Line $line): void
    {
        foreach ($now->order()->conditions as $condition) {
            if ($condition->condition->id !== $line->item || $condition->sensor !== $line->sensor) {
                continue;
            }
            $known = array_column($condition->condition->values, 'id');
            foreach (array_keys($line->values) as $name) {
                if (! in_array($name, $known, true)) {
                    throw InvalidInput::because('/payload/values/' . InvalidInput::escape($name), 'condition.unknown-value', ['known' => $known]);
                }
            }

            return;
        }

        throw InvalidInput::because('/payload/item', 'condition.unknown', ['item' => $line->item]);
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
