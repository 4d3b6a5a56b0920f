<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\UnreadableReading;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\StandSet;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\SidedLength;

/**
 * The target is hung on another arm of its stand, or a plate set to another tilt (need J20).
 *
 * @extends Command<StandSet>
 */
final readonly class SetStand extends Command
{
    public function line(): string
    {
        return StandSet::class;
    }

    public function wish(): string
    {
        return StandWish::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $set = Document::read(StandWish::class, $wish);
        try {
            $arm = $set->arm === null ? null : SidedLength::fromReading($set->arm)->millimetres;
        } catch (UnreadableReading $unreadable) {
            throw InvalidInput::at('/payload/arm', $unreadable);
        }

        return [new StandSet(...$stamp->named(), arm: $arm, tilt: $set->tilt)];
    }

    public function decides(): bool
    {
        return true;
    }
}
