<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** Stretches of time. */
final class Hours
{
    /**
     * What is left of some hours.
     *
     * @param list<array{int, int}> $hours in order
     * @param list<array{int, int}> $away
     *
     * @return list<array{int, int}> in order
     */
    public static function without(array $hours, array $away): array
    {
        foreach ($away as [$from, $to]) {
            $left = [];
            foreach ($hours as [$begins, $ends]) {
                if ($from > $begins) {
                    $left[] = [$begins, min($ends, $from)];
                }
                if ($to < $ends) {
                    $left[] = [max($begins, $to), $ends];
                }
            }
            $hours = array_values(array_filter($left, static fn(array $one): bool => $one[1] > $one[0]));
        }
        sort($hours);

        return $hours;
    }
}
