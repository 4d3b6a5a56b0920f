<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\OwedAnswered;

/**
 * A question about what is owed is answered, or the maker's information is named.
 *
 * @extends Command<OwedAnswered>
 */
final readonly class AnswerOwed extends Command
{
    public function line(): string
    {
        return OwedAnswered::class;
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::isOfCar($now, $line->sensor, '/payload/sensor');
        foreach ($now->order()->owed[$line->sensor]->reasons as $reason) {
            if ($reason->operation->text() !== $line->operation || $reason->question === null) {
                continue;
            }
            if (in_array($line->answer, ['yes', 'no'], true) && ! $reason->canAnswer) {
                throw InvalidInput::because('/payload/answer', 'owed.needs-source');
            }

            return;
        }

        throw InvalidInput::because('/payload/operation', 'owed.nothing-asked');
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
