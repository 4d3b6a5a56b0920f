<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\LeftOpen;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\People\Act;

/**
 * A lead hands the car over with something open, for a reason.
 *
 * @extends Command<LeftOpen>
 */
final readonly class LeaveOpen extends Command
{
    public function line(): string
    {
        return LeftOpen::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        return [Copy::of(Document::read(LeftOpen::class, $wish, $stamp->named()), ['as' => $now->role?->value])];
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::may($now, Act::HandOver);
        foreach ($now->order()->closing([])->items as $item) {
            if ($item->id === $line->item) {
                if (! $item->canLeave) {
                    throw InvalidInput::because('/payload/item', 'left-open.sensor');
                }

                return;
            }
        }

        throw InvalidInput::because('/payload/item', 'left-open.unknown', ['item' => $line->item]);
    }

    public function decides(): bool
    {
        return true;
    }
}
