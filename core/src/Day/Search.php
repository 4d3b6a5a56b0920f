<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * Finds a good plan: list schedules by several rules, of which the best is bettered by local search, by whole cars and by
 * single turns in alternation (maths, section 11). First for promises, until no more of them are missed than must be, then
 * for waiting. The same day, seed and effort give the same plan.
 *
 * @internal
 */
final class Search
{
    /** Minutes by which the figure may get worse at first, about: by cars and by turns while promises come first. */
    private const HOT = 250.0;
    private const HOT_TURNS = 150.0;

    /** The same for waiting, in its first round and in those after it. */
    private const WARM = 60.0;
    private const COOL = 20.0;

    /** The same by cars where people were told something, which is left for something much better alone. */
    private const TOLD = 120.0;

    /** What a minute of waiting is worth while promises come first. */
    private const FIRST = 0.05;

    /** Rounds for promises, at most; in each, changes by cars and by turns as parts of all. */
    private const PROMISES = [18, 0.1875, 0.06];

    /** A promise that is missed at the end of a round weighs that much more in the next. */
    private const HEAVIER = 2.0;

    /** The same for waiting. */
    private const WAITING = [3, 0.25, 0.2];

    /** Changes by turns where people were told something, as a part of all. */
    private const MENDED = 0.6;

    /** Up to so many stages the search by turns begins anew from every list as well; from each of them so many changes times stages. */
    private const FEW = 40;
    private const SMALL = 200_000;

    private readonly Judge $judge;

    private readonly Builder $plan;

    private readonly Draws $draws;

    private readonly Lists $lists;

    private readonly CarSearch $cars;

    private Best $best;

    /**
     * @param int            $seed  of the changes that are tried
     * @param int            $bound promises that are missed whatever the plan
     * @param Timetable|null $told  what people were told, where a plan is mended
     */
    public function __construct(private readonly Compiled $c, int $seed, private readonly int $bound, ?Timetable $told = null)
    {
        $this->judge = new Judge($c, $told);
        $this->plan = new Builder($c, $this->judge);
        $this->draws = new Draws($seed);
        $this->lists = new Lists($c, $this->plan);
        $this->cars = new CarSearch($c, $this->judge, $this->lists, $this->draws);
    }

    /**
     * The best choices that were found.
     *
     * @param int          $tries changes, about so many
     * @param Choices|null $from  where the search begins, beside the rules of thumb
     */
    public function run(int $tries, ?Choices $from = null): Choices
    {
        $lists = $this->lists->all();
        $begins = $from === null ? $lists : [$from, ...$lists];
        $this->best = new Best($begins[0]);
        foreach ($begins as $choices) {
            $this->offer($choices);
        }
        if ($this->c->orders === []) {
            return $this->best->choices;
        }
        $housing = new Housing($this->c, $this->judge, $this->plan);
        // First as they go in one after the other, so that more tries give nothing worse than none.
        $this->cars->pack($this->best->choices, $this->judge->isTold());
        $this->offer($this->cars->settled());
        $housing->better($this->best);
        if ($tries > 0) {
            if ($this->judge->isTold()) {
                $this->mend($tries);
            } else {
                $this->keepPromises($tries, $lists);
                count($this->c->stages) <= self::FEW ? $this->goThrough($tries, $lists) : $this->waitLess($tries);
            }
            $housing->better($this->best);
        }

        return $this->best->choices;
    }

    private function offer(Choices $choices): void
    {
        $this->plan->build($choices);
        $this->best->offer($choices, $this->judge->reckon($this->plan));
    }

    /** Whether more promises are missed than must be. */
    private function isLate(): bool
    {
        return ($this->best->reckoning->late ?? 0) > $this->bound;
    }

    private function turns(Builder $plan): TurnSearch
    {
        return new TurnSearch($this->c, $this->judge, $plan, $this->best, $this->draws);
    }

    /** From the best plan by cars. */
    private function changeCars(int $tries, float $warm, int $told = 0): void
    {
        $this->plan->build($this->best->choices);
        $this->cars->take($this->plan, $this->best->choices);
        $this->cars->change($tries, $warm, $told);
        $this->offer($this->cars->settled());
    }

    /**
     * Rounds from the best plan and from the lists by turns: what one comes to an end with is often another's beginning.
     *
     * @param list<Choices> $lists
     */
    private function keepPromises(int $tries, array $lists): void
    {
        [$rounds, $cars, $turns] = self::PROMISES;
        $this->judge->waits = self::FIRST;
        for ($round = 0; $round < $rounds && ($round === 0 || $this->isLate()); $round++) {
            if ($round % 2 === 0) {
                $this->changeCars((int) ($cars * $tries), self::HOT);
            } else {
                $this->cars->pack($lists[intdiv($round + 1, 2) % count($lists)], false);
                $this->cars->change((int) ($cars * $tries), self::HOT);
                $this->offer($this->cars->settled());
            }
            if ($this->isLate()) {
                foreach ($this->cars->late() as $car) {
                    $this->judge->worth[$car] = ($this->judge->worth[$car] ?? 1.0) + self::HEAVIER;
                }
                $this->turns(new Builder($this->c, $this->judge))->better($this->cars->settled(), (int) ($turns * $tries), self::HOT_TURNS);
            }
        }
        $this->judge->waits = 1.0;
        $this->judge->worth = [];
    }

    private function waitLess(int $tries): void
    {
        [$rounds, $cars, $turns] = self::WAITING;
        for ($round = 0; $round < $rounds; $round++) {
            $warm = $round === 0 ? self::WARM : self::COOL;
            $this->changeCars((int) ($cars * $tries), $warm);
            $this->turns($this->plan)->better($this->best->choices, (int) ($turns * $tries), $warm);
        }
    }

    /**
     * Few stages are soon gone through, and where there are few, one that waits for another matters most.
     *
     * @param list<Choices> $lists
     */
    private function goThrough(int $tries, array $lists): void
    {
        $this->changeCars($tries, self::WARM);
        $begins = [$this->best->choices, ...$lists];
        $each = min(2 * $tries, intdiv(self::SMALL, max(1, count($this->c->stages)) * count($begins)));
        foreach ($begins as $choices) {
            $this->turns($this->plan)->better($choices, $each, self::WARM);
        }
    }

    private function mend(int $tries): void
    {
        $this->judge->waits = self::FIRST;
        $this->cars->pack($this->best->choices, true);
        $this->cars->change(intdiv($tries, 2), self::TOLD, 2);
        $this->offer($this->cars->settled());
        $this->judge->waits = 1.0;
        $this->changeCars($tries - intdiv($tries, 2), self::TOLD, 3);
        $this->turns($this->plan)->better($this->best->choices, (int) (self::MENDED * $tries), self::WARM);
    }
}
