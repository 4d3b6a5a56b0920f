<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\StepBegun;

/**
 * The clock of a step is started.
 *
 * @extends Command<StepBegun>
 */
final readonly class BeginStep extends Command
{
    public function line(): string
    {
        return StepBegun::class;
    }

    public function admit(Situation $now, Line $line): void
    {
        DoStep::isDue($now, $line->step);
    }

    public function decides(): bool
    {
        return true;
    }
}
