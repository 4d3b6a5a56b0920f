<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\SetUp\Invented;

/**
 * A staff is read at a wheel or where a target is to stand.
 *
 * @extends Command<FloorRead>
 */
final readonly class ReadFloor extends Command
{
    public function line(): string
    {
        return FloorRead::class;
    }

    /** No bay's floor falls further from its middle than this, mm. */
    private const UNEVEN = 150.0;

    public function admit(Situation $now, Line $line): void
    {
        $place = FloorRead::once($line->place);
        if (preg_match('/^(site|sensor)-(.+)$/', $place, $found) === 1) {
            Rules::isOfCar($now, $found[2], '/payload/place');
        } elseif (! in_array($place, FloorRead::WHEELS, true)) {
            throw InvalidInput::because('/payload/place', 'floor.unknown-place', ['wheels' => FloorRead::WHEELS]);
        }
    }

    public function question(Situation $now, Line $line): ?Message
    {
        $others = array_diff_key($now->order()->record->floor, [$line->place => 0]);
        if ($line->value === null || $others === []) {
            return null;
        }
        $mean = array_sum(array_map(static fn(FloorRead $read): float => (float) $read->value, $others)) / count($others);

        return abs($line->value - $mean) > self::UNEVEN
            ? Message::of('floor.far-off', ['typed' => $line->typed, 'off' => Quantity::mm(abs($line->value - $mean)), 'mean' => Quantity::mm($mean)])
            : ($now->byHand ? Invented::staff($now->order()->record->floor, $line) : null);
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
