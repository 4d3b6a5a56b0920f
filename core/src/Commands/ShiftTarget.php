<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\UnreadableReading;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\TargetShifted;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\SidedLength;

/**
 * The target is shifted along its bar for a shift test, or put back to its mark.
 *
 * @extends Command<TargetShifted>
 */
final readonly class ShiftTarget extends Command
{
    public function line(): string
    {
        return TargetShifted::class;
    }

    public function wish(): string
    {
        return ShiftWish::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $typed = Document::read(ShiftWish::class, $wish)->typed;
        try {
            return [new TargetShifted(...$stamp->named(), across: SidedLength::fromReading($typed)->millimetres, typed: $typed)];
        } catch (UnreadableReading $unreadable) {
            throw InvalidInput::at('/payload/typed', $unreadable);
        }
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::isOpen($now);
        if ($line->across === 0.0) {
            return;
        }
        Rules::wasRead($now);
        if ($now->task()->run->log->shift !== 0.0) {
            throw InvalidInput::because('/payload/typed', 'shift.back-first');
        }
    }

    public function decides(): bool
    {
        return true;
    }
}
