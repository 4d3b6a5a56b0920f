<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Day\Day;
use Lumbro\Core\Day\Slot;
use Lumbro\Core\Day\Stage;
use Lumbro\Core\Day\Timetable;

/**
 * A day as it comes: minute after minute, whoever and whatever is free goes on with what the plan has next for it, and
 * each stage lasts as long as it does. It shares no code with what states the chances.
 */
final class LivedDay
{
    /** @return array<string, int> car → minute when it was done */
    public static function of(Day $day, Timetable $plan, int $seed): array
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $even = static fn(): float => ($random->getInt(1, 999_999)) / 1_000_000;
        $stages = $shares = $hours = $ready = [];
        foreach ($day->cars as $car) {
            $ready[$car->id] = $car->ready;
            foreach ($car->parts as $part) {
                foreach ($part->stages as $stage) {
                    $stages[$stage->id] = $stage;
                }
            }
        }
        foreach ($day->places as $place) {
            $shares[$place->id] = [$place->id, ...$place->shares];
        }
        foreach ($day->people as $person) {
            $hours[$person->id] = $person->hours;
        }
        // What each thing and person has before it, in the plan's order.
        $queues = [];
        $needs = [];
        foreach ($plan->slots as $slot) {
            $needs[$slot->stage] = self::needs($slot, $shares);
            foreach ($needs[$slot->stage] as $thing) {
                $queues[$thing][] = $slot->stage;
            }
        }
        $left = array_keys($plan->slots);
        $ends = $done = [];
        for ($minute = $day->now; $left !== [] && $minute < $day->now + 5_000; $minute++) {
            foreach ($ends as $stage => $at) {
                if ($at <= $minute) {
                    unset($ends[$stage]);
                    foreach ($needs[$stage] as $thing) {
                        array_shift($queues[$thing]);
                    }
                }
            }
            foreach ($left as $i => $stage) {
                $slot = $plan->slots[$stage];
                foreach ($needs[$stage] as $thing) {
                    if ($queues[$thing][0] !== $stage) {
                        continue 2;
                    }
                }
                if (! self::may($stages[$stage], $slot, $minute, $ready, $hours)) {
                    continue;
                }
                $normal = sqrt(-2 * log($even())) * cos(2 * M_PI * $even());
                $spread = $stages[$stage]->spread;
                $ends[$stage] = $minute + max(1, (int) round($stages[$stage]->minutes * exp($spread * $normal - $spread ** 2 / 2)));
                $done[$slot->car] = max($done[$slot->car] ?? 0, $ends[$stage]);
                unset($left[$i]);
            }
        }

        return $done;
    }

    /**
     * @param array<string, list<string>> $shares
     *
     * @return list<string>
     */
    private static function needs(Slot $slot, array $shares): array
    {
        return array_values(array_filter([
            "car {$slot->car}", $slot->person, ...$slot->units, ...($slot->place === null ? [] : $shares[$slot->place]),
        ], static fn(?string $thing): bool => $thing !== null));
    }

    /**
     * @param array<string, int>                   $ready
     * @param array<string, list<array{int, int}>> $hours
     */
    private static function may(Stage $stage, Slot $slot, int $minute, array $ready, array $hours): bool
    {
        return $minute >= max($ready[$slot->car], $stage->asks->notBefore)
            && ($slot->person === null || self::fits($hours[$slot->person], $minute, $stage->minutes))
            && ($stage->asks->windows === [] || self::fits($stage->asks->windows, $minute, $stage->minutes));
    }

    /** @param list<array{int, int}> $spans */
    private static function fits(array $spans, int $minute, int $minutes): bool
    {
        foreach ($spans as [$from, $to]) {
            if ($from <= $minute && $minute + $minutes <= $to) {
                return true;
            }
        }

        return false;
    }
}
