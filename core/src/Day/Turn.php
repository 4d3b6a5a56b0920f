<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** What somebody is at, and what they begin next. */
final readonly class Turn
{
    /** Minutes before its time at which something is to be begun now. */
    private const SOON = 5;

    private function __construct(public string $person, public ?Slot $now, public ?Slot $next, public bool $isDue) {}

    /**
     * @return list<self> for everybody of the day, those who are to begin something now first, then by the hour
     */
    public static function all(Day $day, Timetable $plan): array
    {
        $began = [];
        foreach ($day->cars as $car) {
            foreach ($car->parts as $part) {
                foreach ($part->stages as $stage) {
                    $began[$stage->id] = $stage->began;
                }
            }
        }
        $turns = [];
        foreach ($day->people as $person) {
            $now = $next = null;
            foreach ($plan->slots as $slot) {
                if ($slot->person !== $person->id) {
                    continue;
                }
                $is = $began[$slot->stage] ?? null;
                if ($is !== null && ! $is->done) {
                    $now = $slot;
                } elseif ($is === null && $next === null && array_key_exists($slot->stage, $began)) {
                    $next = $slot;
                }
            }
            $turns[] = new self($person->id, $now, $next, $now === null && $next !== null && $next->from <= $day->now + self::SOON);
        }
        usort($turns, static fn(self $a, self $b): int => [! $a->isDue, $a->now === null, $a->next->from ?? PHP_INT_MAX] <=> [! $b->isDue, $b->now === null, $b->next->from ?? PHP_INT_MAX]);

        return $turns;
    }
}
