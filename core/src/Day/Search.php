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
    /** Minutes by which the figure may get worse at first and at last, about. */
    private const HOT = 60.0;
    private const COLD = 0.4;

    /** The same while whole cars are fitted in, and how many of those changes there are to each of the others. */
    private const WARM = 250.0;
    private const COOL = 3.0;
    private const TOLD = 120.0;
    private const FIRST = 0.05;
    private const PACKS = 20;

    /** Where there are so many stages, one of these changes is tried at least. */
    private const SMALL = 200_000;

    /** Up to so many stages the search begins anew from every list as well. */
    private const FEW = 40;

    /** Ways to house all stays that are tried, at most. */
    private const HOUSED = 128;

    /** Cars that are taken out at once, at most. */
    private const OUT = 6;

    /** The car that is taken out first is the worst of so many, at most. */
    private const AMONG = 6;

    /** One time in so many cars go in again by each of two rules, else in any order. */
    private const RULES = 4;

    /** Changes that are kept between two times that the turns are put by the clock. */
    private const SORT = 10;

    /** Of a hundred changes, those that let a stage overtake what it waits for. */
    private const OVERTAKES = 10;

    private Builder $plan;

    private Judge $judge;

    /** @var list<int> car → minutes of its work that are left */
    private array $work = [];

    /** @var list<int> car → minutes by which it could be late for its promise, or for today, if it began now */
    private array $slack = [];

    private Choices $best;

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

    private Reckoning $reckoning;

    /** @param int $seed of the changes that are tried */
    public function __construct(private readonly Compiled $c, private int $seed, ?Timetable $told = null)
    {
        $this->judge = new Judge($c, $told);
        $this->plan = new Builder($c, $this->judge);
        foreach ($c->orders as $car => $orders) {
            $work = 0;
            foreach (array_slice($orders[0], $c->begun[$car]) as [$stage]) {
                $work += $c->minutes[$stage];
            }
            $this->work[] = $work;
            $this->slack[] = min($c->promised[$car], $c->day->closes) - $work;
        }
    }

    /**
     * @param int           $tries plans that are built, at most
     * @param Choices|null  $from  where the search begins; with rules of thumb where it is not said
     *
     * @return array{Choices, Reckoning}
     */
    public function run(int $tries, ?Choices $from = null): array
    {
        $begins = $from === null ? $this->lists() : [$from, ...$this->lists()];
        foreach ($begins as $i => $choices) {
            $reckoning = $this->tried($choices);
            if ($i === 0 || $reckoning->against($this->reckoning) < 0) {
                [$this->best, $this->reckoning] = [$choices, $reckoning];
            }
        }
        if ($this->c->orders !== []) {
            $packed = $this->pack($tries);
            $reckoning = $this->tried($packed);
            if ($reckoning->against($this->reckoning) < 0) {
                [$this->best, $this->reckoning] = [$packed, $reckoning];
            }
        }
        // Few stages are soon gone through, and where there are few, one that waits for another matters most.
        $few = count($this->c->stages) <= self::FEW;
        $rounds = $few ? [$this->best, ...$this->lists()] : [$this->best];
        $each = intdiv($few ? self::SMALL : $tries, $few ? max(1, count($this->c->stages)) * count($rounds) : self::PACKS);
        foreach ($rounds as $choices) {
            $this->anneal($choices, min($each, 2 * $tries));
        }
        $this->house();

        return [$this->best, $this->reckoning];
    }

    private function tried(Choices $choices): Reckoning
    {
        $this->plan->build($choices);

        return $this->judge->reckon($this->plan);
    }

    /**
     * List schedules: the cars one after another, and all their stages by the clock, by what leaves least slack, what was promised first, what came first.
     *
     * @return list<Choices>
     */
    private function lists(): array
    {
        $c = $this->c;
        $left = $this->work;
        $slack = $this->slack;
        $rules = [
            static fn(int $car): array => [$slack[$car], $c->ready[$car]],
            static fn(int $car): array => [$c->promised[$car], $c->ready[$car] + $left[$car]],
            static fn(int $car): array => [$c->ready[$car], $c->promised[$car]],
            static fn(int $car): array => [$left[$car], $c->promised[$car]],
            static fn(int $car): array => [$c->ready[$car] + $left[$car], $c->promised[$car]],
        ];
        $order = array_fill(0, count($c->ready), 0);
        $all = [];
        foreach ($rules as $rule) {
            $cars = array_keys($c->ready);
            usort($cars, static fn(int $a, int $b): int => [$rule($a), $a] <=> [$rule($b), $b]);
            $turns = [];
            foreach ($cars as $car) {
                array_push($turns, ...array_fill(0, count($c->orders[$car][0]) - $c->begun[$car], $car));
            }
            $all[] = new Choices($turns, $order);
            // The same begun by the clock: what comes late keeps nothing from what could go before.
            $this->plan->build($all[count($all) - 1]);
            $all[] = new Choices($this->byTheClock($order), $order);
        }

        return $all;
    }

    /**
     * Turns in the order in which the stages of the plan built last begin.
     *
     * @param array<int, int> $order
     *
     * @return list<int>
     */
    private function byTheClock(array $order): array
    {
        $keys = [];
        $cars = [];
        foreach ($this->c->orders as $car => $orders) {
            $at = 0;
            foreach (array_slice($orders[$order[$car]], $this->c->begun[$car]) as [$stage]) {
                // A stage that found no room follows the one before it.
                $at = max($at, $this->plan->from[$stage] ?? Compiled::NEVER);
                $keys[] = $at;
                $cars[] = $car;
            }
        }
        $places = array_keys($keys);
        array_multisort($keys, SORT_ASC, SORT_NUMERIC, $places, SORT_ASC, SORT_NUMERIC, $cars);

        return $cars;
    }

    /** A few cars at a time are taken out of the plan and fitted in anew, one after the other. */
    private function pack(int $tries): Choices
    {
        $c = $this->c;
        $packer = new Packer($c, $this->plan, $this->judge);
        $cars = array_keys($c->orders);
        $under = array_values(array_filter($cars, $packer->isUnderWay(...)));
        // As the best list has them: in the order of their last turns.
        $turns = array_reverse(array_values(array_unique(array_reverse($this->best->turns))));
        $adds = [];
        $this->judge->waits = self::FIRST;
        // What was told is left for something much better alone.
        $half = intdiv($tries, 2);
        $warm = $this->judge->isTold() ? self::TOLD : self::WARM;
        foreach (array_values(array_unique([...$under, ...$turns, ...$cars])) as $car) {
            $packer->put($car, $this->best->order[$car], $this->judge->isTold());
            $adds[$car] = $this->judge->added($packer->plans[$car], $car);
        }
        $height = array_sum($adds);
        $best = $this->judge->counted($packer->plans);
        $kept = $packer->plans;
        for ($i = 0; $i < $tries; $i++) {
            if ($i === $half) {
                $this->judge->waits = 1.0;
                $packer->fill($kept);
                foreach ($kept as $car => $plan) {
                    $adds[$car] = $this->judge->added($plan, $car);
                }
                $height = array_sum($adds);
            }
            $part = fmod(2 * $i / max(1, $tries), 1.0);
            $heat = $warm * (self::COOL / $warm) ** $part;
            $limit = $height - $heat * log(max(1e-9, $this->even()));
            $state = $packer->state();
            $out = $this->taken($packer, $adds, $under);
            $sum = $height;
            foreach ($out as $car) {
                $packer->take($car);
                $sum -= $adds[$car];
            }
            $new = [];
            foreach ($out as $car) {
                $orders = count($c->orders[$car]);
                $packer->put($car, $orders > 1 ? $this->below($orders) : 0, $this->judge->isTold() && ($i > $half || $this->below(3) > 0));
                $new[$car] = $this->judge->added($packer->plans[$car], $car);
                $sum += $new[$car];
                if ($sum > $limit) {
                    $packer->restore($state);

                    continue 2;
                }
            }
            $adds = array_replace($adds, $new);
            $height = $sum;
            $counted = $this->judge->counted($packer->plans);
            if ($counted < $best) {
                $best = $counted;
                $kept = $packer->plans;
            }
        }

        $this->judge->waits = 1.0;

        return $this->settled($kept);
    }

    /**
     * Cars that are taken out together, in the order in which they are fitted in again.
     *
     * @param array<int, float> $adds  car → what it adds to the figure
     * @param list<int>         $under under way: they go first, or others take what they hold
     *
     * @return list<int>
     */
    private function taken(Packer $packer, array $adds, array $under): array
    {
        $count = count($adds);
        // Of some, that one to which most could be given back.
        $first = $this->below($count);
        for ($i = $this->below(self::AMONG); $i > 0; $i--) {
            $one = $this->below($count);
            $first = $adds[$one] > $adds[$first] ? $one : $first;
        }
        $out = [$first];
        $more = min($count - 1, 1 + $this->below(self::OUT - 1));
        // Those that are at work while it waits are in its way: of two, the one with more of its time in that of the first.
        $from = $this->c->ready[$first];
        $done = $packer->plans[$first]['done'];
        for ($i = 0; $i < $more; $i++) {
            [$one, $other] = [$this->below($count), $this->below($count)];
            $near = $this->meets($packer, $one, $from, $done) > $this->meets($packer, $other, $from, $done) ? $one : $other;
            if (! in_array($near, $out, true)) {
                array_splice($out, 1 + $this->below(count($out)), 0, [$near]);
            }
        }
        $by = $this->below(self::RULES);
        if ($by < 2) {
            usort($out, fn(int $a, int $b): int => $by === 0 ? $this->slack[$a] <=> $this->slack[$b] : $this->work[$a] <=> $this->work[$b]);
        }

        return $under === [] ? $out : [...array_intersect($out, $under), ...array_diff($out, $under)];
    }

    private function meets(Packer $packer, int $car, int $from, int $to): int
    {
        return min($to, $packer->plans[$car]['done']) - max($from, $packer->plans[$car]['done'] - $this->work[$car]);
    }

    /**
     * The choices that build at least as good a plan.
     *
     * @param array<int, array{done: int, stages: array<int, array{int, int, list<int>}>, taken: list<array{int, int, int}>, rooms: array<int, int>, order: int}> $plans
     */
    private function settled(array $plans): Choices
    {
        $choices = new Choices([], array_fill(0, count($plans), 0));
        $keys = $cars = [];
        foreach ($plans as $car => $plan) {
            $choices->order[$car] = $plan['order'];
            $choices->room += $plan['rooms'];
            $at = 0;
            foreach (array_slice($this->c->orders[$car][$plan['order']], $this->c->begun[$car]) as [$stage]) {
                [$from, $who] = $plan['stages'][$stage] ?? [Compiled::NEVER, -1];
                $keys[] = $at = max($at, $from);
                $cars[] = $car;
                if ($who >= 0) {
                    $choices->who[$stage] = $who;
                }
            }
        }
        $places = array_keys($keys);
        array_multisort($keys, SORT_ASC, SORT_NUMERIC, $places, SORT_ASC, SORT_NUMERIC, $cars);
        $choices->turns = $cars;

        return $choices;
    }

    private function anneal(Choices $at, int $tries): void
    {
        $this->plan->build($at);
        $this->plan->keep();
        $height = $this->judge->altogether($this->plan->height, $this->plan);
        $this->look($at);
        $hot = self::HOT;
        $cold = self::COLD;
        $accepted = 0;
        for ($i = 0; $i < $tries; $i++) {
            $heat = $hot * ($cold / $hot) ** ($i / max(1, $tries));
            $limit = $height - $heat * log(max(1e-9, $this->even()));
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
            $reckoning = $this->judge->reckon($this->plan);
            if ($reckoning->against($this->reckoning) < 0) {
                [$this->best, $this->reckoning] = [clone $next, $reckoning];
            }
            $this->plan->keep();
            if (++$accepted % self::SORT === 0) {
                // By the clock, so that turns beside each other are work beside each other; others may come to do it by that.
                $sorted = clone $at;
                $sorted->turns = $this->byTheClock($at->order);
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
        $stage = $this->held[$this->below(count($this->held))];
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
                $before[] = $c->first[$other][$this->below(count($c->first[$other]))];
            }
        }
        // What is begun has no turn any more.
        $before = array_values(array_filter($before, fn(int $one): bool => isset($this->turn[$one])));
        if ($before === []) {
            return null;
        }
        $i = $this->turn[$stage];
        $j = $this->turn[$before[$this->below(count($before))]];
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

    /** Tries every place for every stay in the plan that was found, all of them together where they are few: moves are spared by that. */
    private function house(): void
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
            $choices = clone $this->best;
            $choices->room = $housed + $choices->room;
            $reckoning = $this->tried($choices);
            if ($reckoning->against($this->reckoning) < 0) {
                [$this->best, $this->reckoning] = [$choices, $reckoning];
            }
        }
    }

    /** @return array{Choices, int} and how many turns are as before */
    private function changed(Choices $from): array
    {
        $overtaken = count($from->turns) > 1 && $this->below(100) < self::OVERTAKES ? $this->overtaken($from) : null;

        return $overtaken ?? $this->edited($from, count($from->turns) < 2 ? 90 : $this->below(100));
    }

    /** @return array{Choices, int} */
    private function edited(Choices $from, int $what): array
    {
        $c = $this->c;
        $next = clone $from;
        $turns = count($next->turns);
        if ($what < 55) {
            // One turn is taken earlier or later.
            $i = $this->below($turns);
            $by = 1 + $this->below(max(1, intdiv($turns, 3)));
            $j = max(0, min($turns - 1, $this->below(2) === 0 ? $i - $by : $i + $by));
            $car = $next->turns[$i];
            array_splice($next->turns, $i, 1);
            array_splice($next->turns, $j, 0, [$car]);

            return [$next, min($i, $j)];
        }
        if ($what < 75) {
            // All that is left of a car from some turn on, together.
            $i = $this->below($turns);
            $car = $next->turns[$i];
            $rest = array_slice($next->turns, $i);
            $own = count(array_keys($rest, $car, true));
            $others = array_values(array_filter($rest, static fn(int $one): bool => $one !== $car));
            $back = min($i, $this->below(2) === 0 ? $this->below($turns) : 0);
            $ahead = min(count($others), $this->below(max(1, count($others) + 1)));
            $head = array_slice($next->turns, 0, $i);
            $next->turns = $back > 0
                ? [...array_slice($head, 0, $i - $back), ...array_fill(0, $own, $car), ...array_slice($head, $i - $back), ...$others]
                : [...$head, ...array_slice($others, 0, $ahead), ...array_fill(0, $own, $car), ...array_slice($others, $ahead)];

            return [$next, $back > 0 ? $i - $back : $i];
        }
        if ($what < 83) {
            $i = $this->below($turns);
            $j = $this->below($turns);
            [$next->turns[$i], $next->turns[$j]] = [$next->turns[$j], $next->turns[$i]];

            return [$next, min($i, $j)];
        }
        if ($what < 90 && $c->rooms !== []) {
            $stay = $this->below(count($c->rooms));
            $rooms = $c->rooms[$stay];
            if (isset($next->room[$stay])) {
                unset($next->room[$stay]);
            } elseif (count($rooms) > 1) {
                $next->room[$stay] = $rooms[$this->below(count($rooms))];
            }
            $car = $c->stayOf[$stay];
        } elseif ($what < 92 && $c->rooms !== []) {
            // All to one place where they can, so that what is there need not be moved; or each where it is free first.
            $place = $this->below(count($c->day->places) + 1);
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
            $stage = $this->below(count($c->stages));
            $people = $c->people[$stage] ?? [];
            if (isset($next->who[$stage])) {
                unset($next->who[$stage]);
            } elseif (count($people) > 1) {
                $next->who[$stage] = $people[$this->below(count($people))];
            }
            $car = $c->car[$stage];
        } else {
            $car = $this->below(count($c->orders));
            $next->order[$car] = $this->below(count($c->orders[$car]));
        }
        $first = array_search($car, $next->turns, true);

        return [$next, $first === false ? 0 : $first];
    }

    /** A whole number from 0 on, below a bound. */
    private function below(int $bound): int
    {
        return (int) ($this->even() * $bound);
    }

    /** From 0, below 1: a linear congruence, so that the same seed tries the same changes everywhere. */
    private function even(): float
    {
        $this->seed = ($this->seed * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

        return ($this->seed >> 7) / 16_777_216.0;
    }
}
