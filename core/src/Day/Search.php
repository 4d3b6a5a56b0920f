<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * Finds a good plan: list schedules by several rules, of which the best is bettered by local search, a change to the
 * choices at a time (maths, section 11). The same day, seed and effort give the same plan.
 *
 * @internal
 */
final class Search
{
    /** Changes to single turns, as a part of all. */
    private const TURNS = 0.6;

    /** Where there are so many stages, one turn is changed from every start. */
    private const SMALL = 200_000;

    /** Up to so many stages the search begins anew from every list as well. */
    private const FEW = 40;

    /** Ways to house all stays that are tried, at most. */
    private const HOUSED = 128;

    private readonly Builder $plan;

    private readonly Judge $judge;

    private readonly Draws $draws;

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
    }

    /**
     * The best choices that were found.
     *
     * @param int          $tries changes, about so many
     * @param Choices|null $from  where the search begins, beside the rules of thumb
     */
    public function run(int $tries, ?Choices $from = null): Choices
    {
        $lists = new Lists($this->c, $this->plan);
        $begins = $from === null ? $lists->all() : [$from, ...$lists->all()];
        $best = new Best($begins[0]);
        foreach ($begins as $choices) {
            $best->offer($choices, $this->tried($choices));
        }
        if ($this->c->orders !== []) {
            $cars = new CarSearch($this->c, $this->judge, $lists, $this->draws, $this->bound);
            // First as they go in one after the other, so that more tries give nothing worse than none.
            foreach ($tries > 0 ? [0, $tries] : [0] as $changes) {
                $choices = $cars->better($best->choices, $changes);
                $best->offer($choices, $this->tried($choices));
                $this->house($best);
            }
        }
        // Few stages are soon gone through, and where there are few, one that waits for another matters most.
        $few = count($this->c->stages) <= self::FEW;
        $rounds = $few ? [$best->choices, ...$lists->all()] : [$best->choices];
        $each = $few ? intdiv(self::SMALL, max(1, count($this->c->stages)) * count($rounds)) : (int) (self::TURNS * $tries);
        $turns = new TurnSearch($this->c, $this->judge, $this->plan, $best, $this->draws);
        foreach ($rounds as $choices) {
            $turns->better($choices, min($each, 2 * $tries));
        }
        $this->house($best);

        return $best->choices;
    }

    private function tried(Choices $choices): Reckoning
    {
        $this->plan->build($choices);

        return $this->judge->reckon($this->plan);
    }

    /** Tries every place for every stay in the plan that was found, all of them together where they are few: moves are spared by that. */
    private function house(Best $best): void
    {
        $c = $this->c;
        $rooms = array_filter($c->rooms, static fn(array $rooms): bool => count($rooms) > 1);
        $all = [[]];
        foreach ($rooms as $stay => $places) {
            $next = [];
            foreach ($all as $one) {
                foreach ($places as $place) {
                    $next[] = $one + [$stay => $place];
                }
            }
            $all = $next;
            if (count($all) > self::HOUSED) {
                $all = [];
                break;
            }
        }
        if ($all === []) {
            foreach ($rooms as $stay => $places) {
                foreach ($places as $place) {
                    $all[] = [$stay => $place];
                }
            }
        }
        foreach ($all as $housed) {
            $choices = clone $best->choices;
            $choices->room = $housed + $choices->room;
            $best->offer($choices, $this->tried($choices));
        }
    }
}
