<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\NotAllowed;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Intake\Closing;
use Lumbro\Core\Intake\OpenItem;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\OrderClosed;
use Lumbro\Core\Message\Message;

/**
 * The order is closed, once nothing in it is open.
 *
 * @extends Command<OrderClosed>
 */
final readonly class CloseOrder extends Command
{
    public function line(): string
    {
        return OrderClosed::class;
    }

    public function recorded(Situation $now, Line $line, bool $asked): Line
    {
        return Copy::of($line, ['as' => $now->role?->value]);
    }

    public function admit(Situation $now, Line $line): void
    {
        $open = array_values(array_filter($now->closing()?->open() ?? [], static fn(OpenItem $item): bool => $item->id !== Closing::ITSELF));
        if ($open !== []) {
            throw NotAllowed::now('still-open', Message::of('order.still-open', ['count' => count($open), 'open' => array_map(static fn(OpenItem $item): Message => $item->says, $open)]));
        }
    }

    public function decides(): bool
    {
        return true;
    }
}
