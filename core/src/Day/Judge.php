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

    /** @var array<int, array{int, int, int}> stage → person, place (-1), stage of that person just before it (-1), as told */
    private array $told = [];

    /** In the figure by which a search goes, minutes of waiting that are worth a missed promise, and a car not done today. */
    private const LATE = 1500;
    private const UNDONE = 500;

    /** The part of them that counts from the first minute on, and what a move is worth. */
    private const ATONCE = 0.3;
    private const MOVE = 0.9;

    /** What a minute of waiting is worth in the figure by which a search goes. */
    public float $waits = 1.0;

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
            $this->told = $this->turns(array_map(static fn(Slot $slot): array => [$slot->from, $c->person($slot->person) ?? -1, $c->place($slot->place) ?? -1], array_intersect_key($told->slots, $c->number)));
        }
    }

    /** What a plan that was just built comes to. */
    public function reckon(Builder $plan): Reckoning
    {
        [$late, $undone, $waiting] = $this->count($plan->done);

        return new Reckoning($late, $undone, $waiting, $this->told === [] ? 0 : $this->changes($plan), $plan->moves);
    }

    /**
     * The first three of the reckoning, of cars that were fitted in.
     *
     * @param array<int, array{done: int}> $plans car → its plan
     *
     * @return array{int, int, int}
     */
    public function counted(array $plans): array
    {
        return $this->count(array_map(static fn(array $plan): int => $plan['done'], $plans));
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

        return self::ramp($done - $promised, self::LATE) + self::ramp($done - $this->c->day->closes, self::UNDONE)
            + $this->waits * max(0, $this->minutes($done) - $this->base[$car]);
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
        $c = $this->c;
        $now = [];
        foreach ($plan->from as $stage => $from) {
            $stay = $c->stayAt[$stage] ?? -1;
            $now[$c->stages[$stage]->id] = [$from, $plan->person[$stage] ?? -1, $stay < 0 ? -1 : $plan->room[$stay] ?? -1];
        }
        $changes = 0;
        foreach ($this->turns($now) as $stage => $turn) {
            $told = $this->told[$stage] ?? null;
            if ($told !== null && $c->stages[$stage]->began === null && $told !== $turn) {
                $changes++;
            }
        }

        return $changes;
    }

    /**
     * @param array<string, array{int, int, int}> $of stage id → begins, person, place
     *
     * @return array<int, array{int, int, int}>
     */
    private function turns(array $of): array
    {
        uasort($of, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $last = [];
        $turns = [];
        foreach ($of as $id => [, $person, $place]) {
            $stage = $this->c->number[$id];
            $turns[$stage] = [$person, $place, $person < 0 ? -1 : $last[$person] ?? -1];
            if ($person >= 0) {
                $last[$person] = $stage;
            }
        }

        return $turns;
    }
}
