<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * The first minute at which somebody who may do a stage, what it uses and its hours are all there. Whoever is free first
 * is looked for, then what it uses from then on, and again until nobody has to wait for the other: no pair of a person and
 * a unit is looked at by itself.
 *
 * @internal
 */
final class Soonest
{
    private const NEVER = Compiled::NEVER;

    /**
     * @param list<int>|null        $people who may do it; null where it needs nobody
     * @param int                   $last   who had the car last
     * @param array<int, list<int>> $hours  person → free from, to, from, to …
     * @param array<int, list<int>> $free   unit and a number → the same
     * @param int                   $number that is added to a unit
     *
     * @return array{int, int, list<int>} when it can begin, by whom (-1) and with which units; of two who can, whoever had the car last
     */
    public static function stage(Compiled $c, int $stage, ?array $people, int $at, int $last, array $hours, array $free, int $number = 0): array
    {
        $minutes = $c->minutes[$stage];
        $uses = $c->uses[$stage];
        $windows = $c->windows[$stage];
        $who = -1;
        $used = [];
        do {
            $before = $at;
            if ($people !== null) {
                [$at, $who] = self::person($people, $at, $minutes, $last, $hours);
                if ($uses === [] && $windows === []) {
                    // A person's time alone, which is what most stages ask for.
                    return [$at, $at < self::NEVER ? $who : -1, []];
                }
            }
            foreach ($uses as $kind => $units) {
                $first = self::NEVER;
                foreach ($units as $unit) {
                    $from = Gaps::next($free[$number + $unit], $at, $minutes);
                    if ($from < $first) {
                        $first = $from;
                        $used[$kind] = $unit;
                        if ($from === $at) {
                            break;
                        }
                    }
                }
                $at = $first;
            }
            if ($windows !== []) {
                $at = Compiled::window($windows, $at, $minutes);
            }
        } while ($at !== $before && $at < self::NEVER);

        return $at < self::NEVER ? [$at, $who, array_values($used)] : [self::NEVER, -1, []];
    }

    /**
     * @param list<int>             $people
     * @param array<int, list<int>> $hours
     *
     * @return array{int, int} from when the first of them is free for some minutes, and who that is: of two, whoever had the car last, then the first
     */
    private static function person(array $people, int $at, int $minutes, int $last, array $hours): array
    {
        $first = self::NEVER;
        $who = -1;
        if (in_array($last, $people, true)) {
            $first = Gaps::next($hours[$last], $at, $minutes);
            $who = $last;
        }
        foreach ($people as $one) {
            if ($first === $at) {
                break;
            }
            $from = Gaps::next($hours[$one], $at, $minutes);
            if ($from < $first) {
                $first = $from;
                $who = $one;
            }
        }

        return [$first, $who];
    }
}
