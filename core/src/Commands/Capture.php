<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Catalogue\ShopRules\Reason;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\Captured;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Measure\TypedNumber;
use Lumbro\Core\Message\Message;

/**
 * Something is taken down while a cover is off, or why it cannot be had.
 *
 * @extends Command<Captured>
 */
final readonly class Capture extends Command
{
    public function line(): string
    {
        return Captured::class;
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::isOfCar($now, $line->sensor, '/payload/sensor');
        foreach ($now->order()->captures as $capture) {
            if ($capture->sensor->id !== $line->sensor || $capture->item->id !== $line->item) {
                continue;
            }
            if ($line->reason === null && $capture->item->kind === 'number') {
                TypedNumber::read($line->value);
            }
            if ($line->reason === null && $capture->item->kind === 'yes' && ! in_array($line->value, ['yes', 'no'], true)) {
                throw InvalidInput::because('/payload/value', 'input.yes-or-no');
            }

            return;
        }

        throw InvalidInput::because('/payload/item', 'capture.unknown', ['item' => $line->item]);
    }

    public function question(Situation $now, Line $line): ?Message
    {
        foreach ($now->order()->captures as $capture) {
            if ($capture->sensor->id === $line->sensor && $capture->item->id === $line->item && $capture->item->kind === 'number' && $line->reason === null
                && ! Reason::allows(TypedNumber::read($line->value), $capture->item->unit)) {
                return Message::of('condition.out-of-reason', ['label' => $capture->item->question, 'typed' => $line->value, 'unit' => $capture->item->unit ?? '']);
            }
        }

        return null;
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
