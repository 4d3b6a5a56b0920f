<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** Minutes of work in a record: what lies between its lines, without the pauses. */
final class Worked
{
    /** Longer without a line, and somebody did something else. */
    public const PAUSE = 25.0;

    /**
     * @param list<array{at: float, stage: string, person: string}> $lines in the order they were written; at in s
     * @param float|null $began when work on it began, s; where it is not known the first line counts for nothing
     *
     * @return array<string, array{minutes: float, person: string}> stage → minutes that were worked on it, and who wrote most of its lines
     */
    public static function minutes(array $lines, ?float $began = null): array
    {
        $last = $began;
        $minutes = $people = [];
        foreach ($lines as $line) {
            $gap = $last === null ? 0.0 : ($line['at'] - $last) / 60;
            $minutes[$line['stage']] = ($minutes[$line['stage']] ?? 0.0) + ($gap > self::PAUSE || $gap < 0 ? 0.0 : $gap);
            $people[$line['stage']][$line['person']] = ($people[$line['stage']][$line['person']] ?? 0) + 1;
            $last = $line['at'];
        }
        $worked = [];
        foreach ($minutes as $stage => $took) {
            arsort($people[$stage]);
            if ($took > 0) {
                $worked[$stage] = ['minutes' => $took, 'person' => (string) array_key_first($people[$stage])];
            }
        }

        return $worked;
    }
}
