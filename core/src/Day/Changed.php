<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** What of a plan is no longer as it was told, and what came otherwise that it may be due to. */
final readonly class Changed
{
    /** Minutes by which a begin is another. */
    private const OTHER = 10;

    /**
     * @param list<array{car: string, part: string, was: Slot|null, is: Slot|null}> $parts of the cars' work with their first slots, in the order they are now
     * @param list<array{stage: string, car: string, minutes: int}>                 $slips stages that take longer than told
     */
    private function __construct(public array $parts, public array $slips) {}

    /** Between what was told and the plan of the day as it stands. */
    public static function between(Day $day, Timetable $told, Timetable $plan): self
    {
        $parts = $slips = [];
        foreach ($day->cars as $car) {
            foreach ($car->parts as $part) {
                foreach ($part->stages as $stage) {
                    $was = $told->slots[$stage->id] ?? null;
                    if ($stage->began !== null && $was !== null && $stage->began->to > $was->to + self::OTHER) {
                        $slips[] = ['stage' => $stage->id, 'car' => $car->id, 'minutes' => $stage->began->to - $was->to];
                    }
                }
                $first = self::first($part, $plan);
                if ($part->stages[0]->began === null) {
                    [$was, $is] = [$told->slots[$first] ?? null, $plan->slots[$first] ?? null];
                    if ($was?->person !== $is?->person || $was?->place !== $is?->place || abs(($was->from ?? 0) - ($is->from ?? 0)) >= self::OTHER) {
                        $parts[] = ['car' => $car->id, 'part' => $part->id, 'was' => $was, 'is' => $is];
                    }
                }
            }
        }
        usort($parts, static fn(array $a, array $b): int => ($a['is']->from ?? PHP_INT_MAX) <=> ($b['is']->from ?? PHP_INT_MAX));

        return new self($parts, $slips);
    }

    private static function first(Part $part, Timetable $plan): string
    {
        foreach ($part->stages as $stage) {
            if (isset($plan->slots[$stage->id])) {
                return $stage->id;
            }
        }

        return $part->stages[0]->id;
    }
}
