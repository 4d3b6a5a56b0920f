<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\ConditionList;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Journal\ConditionAnswered;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\LineAnswered;
use Lumbro\Core\Measure\Node;

/**
 * A question of the preparation, or a step of the line, is answered at the car: it is kept with the order, once, for all sensors it concerns.
 *
 * @extends Command<Answered>
 */
final readonly class AnswerQuestion extends Command
{
    public function line(): string
    {
        return Answered::class;
    }

    public function wish(): string
    {
        return AnswerWish::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $given = Document::read(AnswerWish::class, $wish);
        if ($given->answer === AnswerKind::OnWord && $given->word === null) {
            throw InvalidInput::because('/payload/word', 'answer.whose-word');
        }
        $word = $given->answer === AnswerKind::OnWord ? $given->word : null;
        $sensor = $now->plan()->context->sensor;
        foreach (ConditionList::ofSensor($now->order()->context, $sensor) as $condition) {
            if ($condition->id === $given->item) {
                return [new ConditionAnswered(...$stamp->named(), item: $condition->id, sensor: $condition->perSensor ? $sensor->id : null, answer: $given->answer, word: $word, values: $given->values)];
            }
        }
        if (! in_array($given->item, array_column($now->plan()->lineSteps(), 'id'), true)) {
            throw InvalidInput::because('/payload/item', 'answer.no-question', ['item' => InvalidInput::short($given->item)]);
        }

        return [new LineAnswered(...$stamp->named(), item: $given->item, answer: $given->answer, word: $word)];
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
