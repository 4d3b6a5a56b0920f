<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * Free time, as from, to, from, to … in order, none touching another.
 *
 * @internal
 */
final class Gaps
{
    private const NEVER = Compiled::NEVER;

    /** @param list<int> $free from, to, from, to …; the first minute from one on at which there is time for it */
    public static function next(array $free, int $at, int $minutes): int
    {
        for ($i = 0, $n = count($free); $i < $n; $i += 2) {
            $begins = $free[$i] > $at ? $free[$i] : $at;
            if ($begins + $minutes <= $free[$i + 1]) {
                return $begins;
            }
        }

        return self::NEVER;
    }

    /** @param list<int> $free from, to, from, to …; the last minute up to one at which there is time for it; -1 where there is none */
    public static function last(array $free, int $at, int $minutes): int
    {
        for ($i = count($free) - 2; $i >= 0; $i -= 2) {
            $begins = min($at, $free[$i + 1] - $minutes);
            if ($begins >= $free[$i]) {
                return $begins;
            }
        }

        return -1;
    }

    /** @param list<int> $free from, to, from, to …, of which a stretch is taken away */
    public static function cut(array &$free, int $from, int $to): void
    {
        for ($i = 0, $n = count($free); $i < $n; $i += 2) {
            if ($free[$i] <= $from && $to <= $free[$i + 1]) {
                if ($free[$i] === $from) {
                    $to === $free[$i + 1] ? array_splice($free, $i, 2) : $free[$i] = $to;
                } elseif ($to === $free[$i + 1]) {
                    $free[$i + 1] = $from;
                } else {
                    array_splice($free, $i + 1, 0, [$from, $to]);
                }

                return;
            }
        }
    }

    /** @param list<int> $free from, to, from, to …, to which a stretch is given back */
    public static function give(array &$free, int $from, int $to): void
    {
        $n = count($free);
        for ($i = 0; $i < $n && $free[$i] < $from; $i += 2);
        $left = $i > 0 && $free[$i - 1] === $from;
        $right = $i < $n && $free[$i] === $to;
        if ($left && $right) {
            array_splice($free, $i - 1, 2);
        } elseif ($left) {
            $free[$i - 1] = $to;
        } elseif ($right) {
            $free[$i] = $from;
        } else {
            array_splice($free, $i, 0, [$from, $to]);
        }
    }

    /**
     * @param list<int> $hours
     *
     * @return list<int> what is left of them from a minute on
     */
    public static function after(array $hours, int $minute): array
    {
        $left = [];
        for ($i = 0; $i < count($hours); $i += 2) {
            if ($hours[$i + 1] > $minute) {
                array_push($left, max($hours[$i], $minute), $hours[$i + 1]);
            }
        }

        return $left;
    }
}
