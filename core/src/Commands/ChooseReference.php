<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ReferenceChosen;
use Lumbro\Core\SetUp\MeasuringPlan;

/**
 * The line that the card's values are taken from is chosen, with the reason, where the card does not say it.
 *
 * @extends Command<ReferenceChosen>
 */
final readonly class ChooseReference extends Command
{
    public function line(): string
    {
        return ReferenceChosen::class;
    }

    public function admit(Situation $now, Line $line): void
    {
        if (! MeasuringPlan::asksForReference($now->plan()->context)) {
            throw InvalidInput::because('/payload/reference', 'reference.card-says');
        }
        Rules::hasAtLeast($line->reason, 8, '/payload/reason');
    }

    public function decides(): bool
    {
        return true;
    }
}
