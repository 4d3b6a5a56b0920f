<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * Betters a plan by single turns, places and persons, one change at a time (maths, section 11).
 *
 * @internal
 */
final class TurnSearch
{
    /** Minutes by which the figure may get worse at last, about. */
    private const COLD = 0.4;

    /** Changes that are kept between two times that the turns are put by the clock. */
    private const SORT = 10;

    /** Of a hundred changes, those that let a stage overtake what it waits for. */
    private const OVERTAKES = 30;

    /** @var array<int, int> stage → begins, in the plan the search is at */
    private array $from = [];

    /** @var array<int, int> stage → person, in it */
    private array $person = [];

    /** @var array<int, list<int>> stage → units it uses, in it */
    private array $used = [];

    /** @var array<int, int> stage → its turn */
    private array $turn = [];

    /** @var list<int> stages that could begin earlier if something else did not */
    private array $held = [];

    /** @var array<int, list<int>> minute → stages that end then */
    private array $ends = [];

    /** By the figure of a judge, and by what it draws. */
    public function __construct(
        private readonly Compiled $c,
        private readonly Judge $judge,
        private readonly Builder $plan,
        private readonly Best $best,
        private readonly Draws $draws,
    ) {}

    /**
     * Goes from a plan to others, and offers what is better than the best.
     *
     * @param int   $tries changes
     * @param float $warm  minutes by which the figure may get worse at first, about
     */
    public function better(Choices $at, int $tries, float $warm): void
    {
        $this->plan->build($at);
        $this->plan->keep();
        $height = $this->judge->altogether($this->plan->height, $this->plan);
        $this->look($at);
        $accepted = 0;
        for ($i = 0; $i < $tries; $i++) {
            $heat = $warm * (self::COLD / $warm) ** ($i / $tries);
            $limit = $height - $heat * log(max(1e-9, $this->draws->even()));
            [$next, $same] = $this->changed($at);
            if (! $this->plan->build($next, $same, $limit)) {
                continue;
            }
            $new = $this->judge->altogether($this->plan->height, $this->plan);
            if ($new > $limit || ($new === $height && $this->plan->from === $this->from && $this->plan->person === $this->person)) {
                continue;
            }
            $at = $next;
            $height = $new;
            $this->best->offer(clone $next, $this->judge->reckon($this->plan));
            $this->plan->keep();
            if (++$accepted % self::SORT === 0) {
                // By the clock, so that turns beside each other are work beside each other; others may come to do it by that.
                $sorted = clone $at;
                $sorted->turns = $this->plan->turns($at->order);
                if ($this->plan->build($sorted, 0, $height + 1e-9) && $this->judge->altogether($this->plan->height, $this->plan) <= $height + 1e-9) {
                    $at = $sorted;
                    $height = $this->judge->altogether($this->plan->height, $this->plan);
                    $this->plan->keep();
                }
            }
            $this->look($at);
        }
    }

    /** Looks closely at the plan the search is at: what keeps its stages waiting is where a change may help. */
    private function look(Choices $at): void
    {
        $c = $this->c;
        $this->from = $this->plan->from;
        $this->person = $this->plan->person;
        $this->used = $this->plan->used;
        $this->held = $this->ends = [];
        $next = $c->begun;
        $clock = [];
        foreach ($at->turns as $turn => $car) {
            $stage = $c->orders[$car][$at->order[$car]][$next[$car]++][0];
            $this->turn[$stage] = $turn;
            $from = $this->from[$stage] ?? Compiled::NEVER;
            if ($from >= Compiled::NEVER) {
                continue;
            }
            if ($from > max($clock[$car] ?? $c->ready[$car], $c->earliest[$stage])) {
                $this->held[] = $stage;
            }
            $clock[$car] = $from + $c->minutes[$stage];
            $this->ends[$clock[$car]][] = $stage;
        }
    }

    /**
     * A stage that waits goes before what it waits for.
     *
     * @return array{Choices, int}|null
     */
    private function overtaken(Choices $from): ?array
    {
        $c = $this->c;
        if ($this->held === []) {
            return null;
        }
        $stage = $this->held[$this->draws->below(count($this->held))];
        $car = $c->car[$stage];
        $before = [];
        foreach ($this->ends[$this->from[$stage]] ?? [] as $other) {
            if ($c->car[$other] === $car) {
                continue;
            }
            $person = $this->person[$other];
            if (($person >= 0 && ($person === $this->person[$stage] || in_array($person, $c->people[$stage] ?? [], true))) || array_intersect($this->used[$other], $this->used[$stage]) !== []) {
                $before[] = $other;
            }
            // Where it gives back a place or a target: before that was taken.
            if (isset($c->first[$other])) {
                $before[] = $c->first[$other][$this->draws->below(count($c->first[$other]))];
            }
        }
        // What is begun has no turn any more.
        $before = array_values(array_filter($before, fn(int $one): bool => isset($this->turn[$one])));
        if ($before === []) {
            return null;
        }
        $i = $this->turn[$stage];
        $j = $this->turn[$before[$this->draws->below(count($before))]];
        if ($j >= $i) {
            return null;
        }
        $next = clone $from;
        // What comes before it in its own car comes along.
        $turns = [];
        $moved = 0;
        for ($k = $j; $k <= $i; $k++) {
            if ($next->turns[$k] === $car) {
                $moved++;
            } else {
                $turns[] = $next->turns[$k];
            }
        }
        array_splice($next->turns, $j, $i - $j + 1, [...array_fill(0, $moved, $car), ...$turns]);

        return [$next, $j];
    }

    /** @return array{Choices, int} and how many turns are as before */
    private function changed(Choices $from): array
    {
        $overtaken = count($from->turns) > 1 && $this->draws->below(100) < self::OVERTAKES ? $this->overtaken($from) : null;

        return $overtaken ?? $this->edited($from, count($from->turns) < 2 ? 90 : $this->draws->below(100));
    }

    /** @return array{Choices, int} */
    private function edited(Choices $from, int $what): array
    {
        $c = $this->c;
        $next = clone $from;
        $turns = count($next->turns);
        if ($what < 55) {
            // One turn is taken earlier or later.
            $i = $this->draws->below($turns);
            $by = 1 + $this->draws->below(max(1, intdiv($turns, 3)));
            $j = max(0, min($turns - 1, $this->draws->below(2) === 0 ? $i - $by : $i + $by));
            $car = $next->turns[$i];
            array_splice($next->turns, $i, 1);
            array_splice($next->turns, $j, 0, [$car]);

            return [$next, min($i, $j)];
        }
        if ($what < 75) {
            // All that is left of a car from some turn on, together.
            $i = $this->draws->below($turns);
            $car = $next->turns[$i];
            $rest = array_slice($next->turns, $i);
            $own = count(array_keys($rest, $car, true));
            $others = array_values(array_filter($rest, static fn(int $one): bool => $one !== $car));
            $back = min($i, $this->draws->below(2) === 0 ? $this->draws->below($turns) : 0);
            $ahead = min(count($others), $this->draws->below(max(1, count($others) + 1)));
            $head = array_slice($next->turns, 0, $i);
            $next->turns = $back > 0
                ? [...array_slice($head, 0, $i - $back), ...array_fill(0, $own, $car), ...array_slice($head, $i - $back), ...$others]
                : [...$head, ...array_slice($others, 0, $ahead), ...array_fill(0, $own, $car), ...array_slice($others, $ahead)];

            return [$next, $back > 0 ? $i - $back : $i];
        }
        if ($what < 83) {
            $i = $this->draws->below($turns);
            $j = $this->draws->below($turns);
            [$next->turns[$i], $next->turns[$j]] = [$next->turns[$j], $next->turns[$i]];

            return [$next, min($i, $j)];
        }
        if ($what < 90 && $c->rooms !== []) {
            $stay = $this->draws->below(count($c->rooms));
            $rooms = $c->rooms[$stay];
            if (isset($next->room[$stay])) {
                unset($next->room[$stay]);
            } elseif (count($rooms) > 1) {
                $next->room[$stay] = $rooms[$this->draws->below(count($rooms))];
            }
            $car = $c->stayOf[$stay];
        } elseif ($what < 92 && $c->rooms !== []) {
            // All to one place where they can, so that what is there need not be moved; or each where it is free first.
            $place = $this->draws->below(count($c->day->places) + 1);
            $next->room = [];
            foreach ($c->rooms as $stay => $rooms) {
                if (in_array($place, $rooms, true)) {
                    $next->room[$stay] = $place;
                }
            }

            return [$next, 0];
        } elseif ($what < 93) {
            $next->who = [];

            return [$next, 0];
        } elseif ($what < 97) {
            $stage = $this->draws->below(count($c->stages));
            $people = $c->people[$stage] ?? [];
            if (isset($next->who[$stage])) {
                unset($next->who[$stage]);
            } elseif (count($people) > 1) {
                $next->who[$stage] = $people[$this->draws->below(count($people))];
            }
            $car = $c->car[$stage];
        } else {
            $car = $this->draws->below(count($c->orders));
            $next->order[$car] = $this->draws->below(count($c->orders[$car]));
        }
        $first = array_search($car, $next->turns, true);

        return [$next, $first === false ? 0 : $first];
    }
}
