<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** A plan of the day. */
final readonly class Timetable
{
    /**
     * @param array<string, Slot> $slots    stage → its slot, in the order they begin; a stage that finds no room has none
     * @param array<string, int|null> $done car → minutes when it is done; null where not all of it found room
     * @param int                 $leastLate no plan whatever misses fewer promises than this
     */
    public function __construct(public array $slots, public array $done, public Reckoning $reckoning, public int $leastLate) {}
}
