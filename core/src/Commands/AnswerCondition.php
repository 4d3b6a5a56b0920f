<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Catalogue\ShopRules\Reason;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Intake\ConditionState;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Journal\ConditionAnswered;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Measure\TypedNumber;
use Lumbro\Core\Message\Message;

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

    /** A precondition that has values asks for them, and for those that no gauge shows. */
    public function question(Situation $now, Line $line): ?Message
    {
        $sheet = $now->order()->sheet;
        $missing = [];
        foreach ($now->order()->conditions as $state) {
            if ($state->condition->id !== $line->item || $state->sensor !== $line->sensor) {
                continue;
            }
            foreach ($state->condition->values as $value) {
                $typed = $line->values[$value->id] ?? null;
                if ($typed === null) {
                    $missing[] = $value->label;
                } elseif (! Reason::allows(TypedNumber::read($typed), $value->unit, ConditionState::limits($value, $sheet)[2])) {
                    return Message::of('condition.out-of-reason', ['label' => $value->label, 'typed' => $typed, 'unit' => $value->unit]);
                }
            }
        }

        return $missing === [] || $line->answer !== AnswerKind::Yes ? null : Message::of('condition.no-values', ['labels' => $missing, 'count' => count($missing)]);
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
