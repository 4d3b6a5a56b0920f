<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * How many promises must be missed whatever the plan (maths, section 11). Of people, of each kind of kit, of all places
 * and of what places share: between two hours there is no more time than there is, and what must be done between them to
 * keep certain promises takes so much. The fewest promises that leave room for the rest, over all these at once, are missed.
 *
 * @internal
 */
final class LateBound
{
    private const NEVER = Compiled::NEVER;

    /** Sets of promises that are tried, at most; the figure found until then is a bound as well. */
    private const STEPS = 20_000;

    /** @var list<array{int, array<int, int>}> minutes there are, car → minutes it needs of them: only such as do not all fit */
    private array $limits = [];

    private int $steps = 0;

    private function __construct() {}

    /** Of a day. */
    public static function of(Compiled $c): int
    {
        $bound = new self();
        $needs = [];
        $lost = 0;
        foreach ($c->orders as $car => $orders) {
            if ($c->promised[$car] >= self::NEVER) {
                continue;
            }
            $alone = self::alone($c, $car);
            if ($alone > $c->promised[$car]) {
                // Not even with the whole shop to itself.
                $lost++;

                continue;
            }
            foreach (self::needs($c, $car) as $need) {
                $needs[$need['of']][] = $need;
            }
        }
        foreach ($needs as $of => $list) {
            $bound->compare($c, (string) $of, $list);
        }
        $most = count($c->orders);
        for ($out = 0; $out < $most; $out++) {
            if ($bound->fits([], $out) || $bound->steps > self::STEPS) {
                return $lost + $out;
            }
        }

        return $lost + $most;
    }

    /** When a car would be done if all else stood still. */
    private static function alone(Compiled $c, int $car): int
    {
        $begun = new UnderWay($c);
        $best = self::NEVER;
        foreach (array_keys($c->orders[$car]) as $order) {
            $packer = new Packer($c, $begun);
            $best = min($best, $packer->put($car, $order));
        }

        return $best;
    }

    /**
     * What a car needs of what there is, and between which minutes if its promise is kept: no stage begins before those that
     * must come before it, nor ends too late for those that must come after.
     *
     * @return list<array{of: string, car: int, from: int, to: int, minutes: int}>
     */
    private static function needs(Compiled $c, int $car): array
    {
        $heads = $tails = [];
        foreach ($c->orders[$car] as $order) {
            $steps = array_slice($order, $c->begun[$car]);
            $at = max($c->ready[$car], $c->day->now);
            foreach ($steps as [$stage]) {
                $at = max($at, $c->earliest[$stage]);
                $heads[$stage] = min($heads[$stage] ?? self::NEVER, $at);
                $at += $c->minutes[$stage];
            }
            $at = $c->promised[$car];
            foreach (array_reverse($steps) as [$stage]) {
                $tails[$stage] = max($tails[$stage] ?? 0, $at);
                $at -= $c->minutes[$stage];
            }
        }
        $needs = [];
        $stays = [];
        foreach ($heads as $stage => $from) {
            $need = static fn(string $of): array => ['of' => $of, 'car' => $car, 'from' => $from, 'to' => $tails[$stage], 'minutes' => $c->minutes[$stage]];
            if ($c->people[$stage] !== null) {
                $needs[] = $need('people');
                $needs[] = $need('people ' . implode(' ', $c->people[$stage]));
            }
            foreach ($c->uses[$stage] as $units) {
                $needs[] = $need('units ' . implode(' ', $units));
            }
            foreach ($c->holds[$c->partOf[$stage]] as $units) {
                $needs[] = $need('units ' . implode(' ', $units));
            }
            $stay = $c->stayAt[$stage] ?? -1;
            if ($stay >= 0) {
                $needs[] = $need('places');
                $needs[] = $need('places ' . implode(' ', $c->rooms[$stay]));
                foreach (self::shared($c, $stay) as $share) {
                    $needs[] = $need("units $share");
                }
            }
        }

        return $needs;
    }

    /** @return list<int> what every place of a stay has a share in */
    private static function shared(Compiled $c, int $stay): array
    {
        $taken = array_map(static fn(int $place): array => array_slice($c->taken[$place], 1), $c->rooms[$stay]);

        return $taken === [] ? [] : array_values(array_intersect(...[...$taken, $taken[0]]));
    }

    /** @param list<array{of: string, car: int, from: int, to: int, minutes: int}> $needs of one thing, some of which may not fit between two minutes */
    private function compare(Compiled $c, string $of, array $needs): void
    {
        $starts = array_unique(array_column($needs, 'from'));
        $ends = array_unique(array_column($needs, 'to'));
        foreach ($starts as $from) {
            foreach ($ends as $to) {
                if ($to <= $from) {
                    continue;
                }
                $wants = [];
                foreach ($needs as $need) {
                    // What of it must lie between the two, wherever it is put.
                    $inside = min($need['minutes'], $need['from'] + $need['minutes'] - $from, $to - ($need['to'] - $need['minutes']), $to - $from);
                    if ($inside > 0) {
                        $wants[$need['car']] = ($wants[$need['car']] ?? 0) + $inside;
                    }
                }
                $has = self::time($c, $of, $from, $to);
                if (array_sum($wants) > $has) {
                    $this->limits[] = [$has, $wants];
                }
            }
        }
    }

    /** How many minutes there are of it between two. */
    private static function time(Compiled $c, string $of, int $from, int $to): int
    {
        $which = explode(' ', $of);
        if ($which[0] === 'places') {
            return ($to - $from) * self::together($c, isset($which[1]) && $which[1] !== '' ? array_map(intval(...), array_slice($which, 1)) : array_keys($c->taken));
        }
        if ($which[0] !== 'people') {
            return ($to - $from) * (count($which) - 1);
        }
        $time = 0;
        foreach (isset($which[1]) ? array_slice($which, 1) : array_keys($c->hours) as $person) {
            $hours = $c->hours[(int) $person] ?? [];
            for ($i = 0; $i < count($hours); $i += 2) {
                $time += max(0, min($to, $hours[$i + 1]) - max($from, $hours[$i]));
            }
        }

        return $time;
    }

    /**
     * How many of these places cars can stand in at once: two that share something keep each other free.
     *
     * @param list<int> $places
     */
    private static function together(Compiled $c, array $places): int
    {
        $one = array_shift($places);
        if ($one === null) {
            return 0;
        }
        $others = array_values(array_filter($places, static fn(int $other): bool => array_intersect($c->taken[$one], $c->taken[$other]) === []));
        $with = 1 + self::together($c, $others);

        return count($others) === count($places) || $with > count($places) ? $with : max($with, self::together($c, $places));
    }

    /**
     * Whether all fits once so many more promises are missed.
     *
     * @param array<int, true> $missed
     */
    private function fits(array $missed, int $more): bool
    {
        if (++$this->steps > self::STEPS) {
            return true;
        }
        $worst = null;
        $by = 0;
        foreach ($this->limits as [$has, $wants]) {
            $over = array_sum(array_diff_key($wants, $missed)) - $has;
            if ($over > $by) {
                [$worst, $by] = [array_diff_key($wants, $missed), $over];
            }
        }
        if ($worst === null) {
            return true;
        }
        if ($more === 0) {
            return false;
        }
        arsort($worst);
        if (array_sum(array_slice($worst, 0, $more)) < $by) {
            return false;
        }
        // One of those that are too many there is missed.
        foreach (array_keys($worst) as $car) {
            if ($this->fits($missed + [$car => true], $more - 1)) {
                return true;
            }
        }

        return false;
    }
}
