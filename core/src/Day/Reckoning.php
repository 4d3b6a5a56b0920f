<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * What a plan is judged by, first figure first (maths, section 11): promises that are missed, cars that are not done
 * today, minutes of waiting and changes to what people were told, moves of cars and stands.
 */
final readonly class Reckoning
{
    /** A change to what somebody was told weighs as much as this many minutes of waiting. */
    public const CHANGE = 20;

    /**
     * @param int $late    promises missed
     * @param int $undone  cars not done today
     * @param int $waiting open minutes in which a car that is ready has nobody at it, over all cars
     * @param int $changes parts of a car's work whose person or place is not what was told, or that begin well before
     * @param int $moves   of cars between places, and of targets and stands between them
     */
    public function __construct(public int $late, public int $undone, public int $waiting, public int $changes, public int $moves) {}

    /** Below, at or above zero, as this is better, as good or worse. */
    public function against(self $other): int
    {
        return [$this->late, $this->undone, $this->waiting + self::CHANGE * $this->changes, $this->moves]
            <=> [$other->late, $other->undone, $other->waiting + self::CHANGE * $other->changes, $other->moves];
    }
}
