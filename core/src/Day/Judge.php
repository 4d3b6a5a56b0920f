<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * Reckons a built plan.
 *
 * @internal
 */
final class Judge
{
    /** @var list<array{int, int, int}> hours from, to, and the open minutes before them */
    private array $open = [];

    /** @var list<int> car → open minutes at which it would be done if it waited for nothing */
    private array $base = [];

    private int $last;

    /** @var array<int, array{int, int, int}> stage that is not begun → begins, person (-1), place (-1), as told */
    public array $told = [];

    /** In the figure by which a search goes, minutes of waiting that are worth a missed promise, and a car not done today. */
    private const LATE = 1500;
    private const UNDONE = 500;

    /** Minutes by which something may begin sooner than it was told, and nobody minds. */
    private const SOONER = 30;

    /** The part of them that counts from the first minute on, and what a move is worth. */
    private const ATONCE = 0.3;
    private const MOVE = 3.0;

    /** What a minute of waiting is worth in the figure by which a search goes. */
    public float $waits = 1.0;

    /** @var array<int, float> car → how many missed promises its own is worth in that figure, where it is not one */
    public array $worth = [];

    /** @param Timetable|null $told what people were told, where a plan is mended */
    public function __construct(private readonly Compiled $c, ?Timetable $told = null)
    {
        $before = 0;
        foreach ($c->open as [$from, $to]) {
            $this->open[] = [$from, $to, $before];
            $before += $to - $from;
        }
        $this->last = $before;
        foreach ($c->orders as $car => $orders) {
            $least = 0;
            foreach ($orders[0] as $i => [$stage]) {
                $least += $i < $c->begun[$car] ? 0 : $c->minutes[$stage];
            }
            $this->base[] = $this->minutes(max($c->ready[$car], $c->day->now)) + $least;
        }
        if ($told !== null) {
            foreach ($told->slots as $id => $slot) {
                $stage = $c->number[$id] ?? null;
                if ($stage !== null && $c->stages[$stage]->began === null) {
                    $this->told[$stage] = [$slot->from, $c->person($slot->person) ?? -1, $c->place($slot->place) ?? -1];
                }
            }
        }
    }

    /** What a plan that was just built comes to. */
    public function reckon(Builder $plan): Reckoning
    {
        [$late, $undone, $waiting] = $this->count($plan->done);

        return new Reckoning($late, $undone, $waiting, $this->told === [] ? 0 : $this->changes($plan), $plan->moves);
    }

    /**
     * The first three of the reckoning, of cars that were fitted in; changes are weighed with the third.
     *
     * @param array<int, array{done: int, stages: array<int, array{int, int, list<int>}>, taken: list<array{int, int, int}>, rooms: array<int, int>, order: int}> $plans car → its plan
     *
     * @return array{int, int, int}
     */
    public function counted(array $plans): array
    {
        [$late, $undone, $waiting] = $this->count(array_map(static fn(array $plan): int => $plan['done'], $plans));

        return [$late, $undone, $waiting + ($this->told === [] ? 0 : Reckoning::CHANGE * array_sum(array_map($this->changed(...), $plans)))];
    }

    /**
     * @param array<int, int> $done car → minutes
     *
     * @return array{int, int, int} promises missed, cars not done today, minutes of waiting
     */
    private function count(array $done): array
    {
        $c = $this->c;
        [$late, $undone, $waiting] = [0, 0, 0];
        foreach ($done as $car => $at) {
            $late += $at > $c->promised[$car] ? 1 : 0;
            $undone += $at > $c->day->closes ? 1 : 0;
            $waiting += max(0, $this->minutes($at) - $this->base[$car]);
        }

        return [$late, $undone, $waiting];
    }

    /** What a car adds to the figure by which a search goes, if it is done at a minute. */
    public function height(int $car, int $done): float
    {
        $promised = $this->c->promised[$car];

        return ($this->worth[$car] ?? 1.0) * self::ramp($done - $promised, self::LATE) + self::ramp($done - $this->c->day->closes, self::UNDONE)
            + $this->waits * max(0, $this->minutes($done) - $this->base[$car]);
    }

    /** A minute after which a car adds more than that to the figure, so that nothing later need be looked at; before 0 where it always does. */
    public function until(int $car, float $adds): int
    {
        if ($adds < 0.0) {
            return -1;
        }
        $until = $this->clock($this->base[$car] + $adds / $this->waits);
        if ($adds < ($this->worth[$car] ?? 1.0) * self::ATONCE * self::LATE) {
            $until = min($until, $this->c->promised[$car]);
        }
        if ($adds < self::ATONCE * self::UNDONE) {
            $until = min($until, $this->c->day->closes);
        }

        return $until;
    }

    /** The minute up to which there are so many open ones; NEVER where there are not. */
    private function clock(float $minutes): int
    {
        foreach ($this->open as [$from, $to, $before]) {
            if ($minutes < $before + $to - $from) {
                return (int) ($from + $minutes - $before);
            }
        }

        return Compiled::NEVER;
    }

    /** What being late by some minutes adds: some at once, the whole after two hours, so that a search feels its way out of it. */
    private static function ramp(int $after, int $whole): float
    {
        return $after <= 0 ? 0.0 : $whole * (self::ATONCE + (1 - self::ATONCE) * min(1.0, $after / 120));
    }

    /** The figure by which a search goes: what all cars add to it, and what else there is. */
    public function altogether(float $cars, Builder $plan): float
    {
        return $cars + self::MOVE * $plan->moves + ($this->told === [] ? 0 : Reckoning::CHANGE * $this->changes($plan));
    }

    /** Open minutes from the first on to this one. */
    private function minutes(int $at): int
    {
        foreach ($this->open as [$from, $to, $before]) {
            if ($at <= $to) {
                return $before + max(0, $at - $from);
            }
        }

        return $this->last;
    }

    private function changes(Builder $plan): int
    {
        $parts = [];
        foreach ($this->told as $stage => $told) {
            $from = $plan->from[$stage] ?? Compiled::NEVER;
            $stay = $this->c->stayAt[$stage] ?? -1;
            if (self::isChanged($told, $from, $plan->person[$stage] ?? -1, $stay < 0 ? -1 : $plan->room[$stay] ?? -1)) {
                $parts[$this->c->partOf[$stage]] = true;
            }
        }

        return count($parts);
    }

    /** @param array{int, int, int} $told */
    private static function isChanged(array $told, int $from, int $person, int $place): bool
    {
        return $from < Compiled::NEVER && ($from < $told[0] - self::SOONER || $person !== $told[1] || $place !== $told[2]);
    }

    /** Whether people were told something. */
    public function isTold(): bool
    {
        return $this->told !== [];
    }

    /**
     * What a car that was fitted in adds to the figure by which a search goes.
     *
     * @param array{done: int, stages: array<int, array{int, int, list<int>}>, taken: list<array{int, int, int}>, rooms: array<int, int>, order: int} $plan
     */
    public function added(array $plan, int $car): float
    {
        return $this->height($car, $plan['done']) + ($this->told === [] ? 0 : Reckoning::CHANGE * $this->changed($plan));
    }

    /** @param array{done: int, stages: array<int, array{int, int, list<int>}>, taken: list<array{int, int, int}>, rooms: array<int, int>, order: int} $plan */
    private function changed(array $plan): int
    {
        $parts = [];
        foreach ($plan['stages'] as $stage => [$from, $who]) {
            $stay = $this->c->stayAt[$stage] ?? -1;
            if (isset($this->told[$stage]) && self::isChanged($this->told[$stage], $from, $who, $stay < 0 ? -1 : $plan['rooms'][$stay] ?? -1)) {
                $parts[$this->c->partOf[$stage]] = true;
            }
        }

        return count($parts);
    }
}
