<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\LineSettled;

/**
 * A line of an estimate that was not understood is settled.
 *
 * @extends Command<LineSettled>
 */
final readonly class SettleLine extends Command
{
    public function line(): string
    {
        return LineSettled::class;
    }

    public function admit(Situation $now, Line $line): void
    {
        if (! isset($now->order()->record->openLines[$line->line])) {
            throw InvalidInput::because('/payload/line', 'line.not-open');
        }
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
