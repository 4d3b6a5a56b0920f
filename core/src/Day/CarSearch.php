<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * Betters a plan by whole cars: a few at a time are taken out and fitted in anew, one after the other (maths, section 11).
 *
 * @internal
 */
final class CarSearch
{
    /** Minutes by which the figure may get worse at first and at last, about: while promises come first, then; and where people were told something. */
    private const HOT = 250.0;
    private const WARM = 60.0;
    private const COLD = 3.0;
    private const TOLD = 120.0;

    /** What a minute of waiting is worth in the first half, in which promises come first. */
    private const FIRST = 0.05;

    /** Cars that are taken out at once, at most. */
    private const OUT = 6;

    /** The car that is taken out first is the worst of so many, at most. */
    private const AMONG = 6;

    /** One time in so many cars go in again by each of two rules, else in any order. */
    private const RULES = 4;

    /** By the figure of a judge. */
    public function __construct(
        private readonly Compiled $c,
        private readonly Judge $judge,
        private readonly Lists $lists,
        private readonly Draws $draws,
    ) {}

    /** A few cars at a time are taken out of the plan and fitted in anew, one after the other. */
    public function better(Choices $best, int $tries): Choices
    {
        $c = $this->c;
        $packer = new Packer($c, new UnderWay($c), $this->judge);
        $cars = array_keys($c->orders);
        $under = array_values(array_filter($cars, $packer->isUnderWay(...)));
        // As the best list has them: in the order of their last turns.
        $turns = array_reverse(array_values(array_unique(array_reverse($best->turns))));
        $adds = [];
        $this->judge->waits = self::FIRST;
        // What was told is left for something much better alone.
        $half = intdiv($tries, 2);
        foreach (array_values(array_unique([...$under, ...$turns, ...$cars])) as $car) {
            $packer->put($car, $best->order[$car], $this->judge->isTold());
            $adds[$car] = $this->judge->added($packer->plans[$car], $car);
        }
        $height = array_sum($adds);
        $least = $this->judge->counted($packer->plans);
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
            $warm = match (true) {
                $this->judge->isTold() => self::TOLD,
                $i < $half => self::HOT,
                default => self::WARM,
            };
            $heat = $warm * (self::COLD / $warm) ** $part;
            $limit = $height - $heat * log(max(1e-9, $this->draws->even()));
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
                $packer->put($car, $orders > 1 ? $this->draws->below($orders) : 0, $this->judge->isTold() && ($i > $half || $this->draws->below(3) > 0));
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
            if ($counted < $least) {
                $least = $counted;
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
        $first = $this->draws->below($count);
        for ($i = $this->draws->below(self::AMONG); $i > 0; $i--) {
            $one = $this->draws->below($count);
            $first = $adds[$one] > $adds[$first] ? $one : $first;
        }
        $out = [$first];
        $more = min($count - 1, 1 + $this->draws->below(self::OUT - 1));
        // Those that are at work while it waits are in its way: of two, the one with more of its time in that of the first.
        $from = $this->c->ready[$first];
        $done = $packer->plans[$first]['done'];
        for ($i = 0; $i < $more; $i++) {
            [$one, $other] = [$this->draws->below($count), $this->draws->below($count)];
            $near = $this->meets($packer, $one, $from, $done) > $this->meets($packer, $other, $from, $done) ? $one : $other;
            if (! in_array($near, $out, true)) {
                array_splice($out, 1 + $this->draws->below(count($out)), 0, [$near]);
            }
        }
        $by = $this->draws->below(self::RULES);
        if ($by < 2) {
            usort($out, fn(int $a, int $b): int => $by === 0 ? $this->lists->slack[$a] <=> $this->lists->slack[$b] : $this->lists->work[$a] <=> $this->lists->work[$b]);
        }

        return $under === [] ? $out : [...array_intersect($out, $under), ...array_diff($out, $under)];
    }

    /** Minutes that a car is at work between two. */
    private function meets(Packer $packer, int $car, int $from, int $to): int
    {
        return min($to, $packer->plans[$car]['done']) - max($from, $packer->plans[$car]['done'] - $this->lists->work[$car]);
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
}
