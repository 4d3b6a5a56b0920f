<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Day\Began;
use Lumbro\Core\Day\Car;
use Lumbro\Core\Day\Day;
use Lumbro\Core\Day\Part;
use Lumbro\Core\Day\Stage;
use Lumbro\Core\Day\Timetable;

/** A day as it stands at some minute, having gone by its plan, but for what takes longer than it was to. */
final class SlippedDay
{
    /** @param array<string, int> $longer stage under way → minutes more than planned */
    public static function at(Day $day, Timetable $plan, int $now, array $longer = []): Day
    {
        $cars = array_map(static fn(Car $car): Car => new Car($car->id, $car->ready, $car->promised, array_map(
            static fn(Part $part): Part => new Part($part->id, array_map(static function (Stage $stage) use ($plan, $now, $longer): Stage {
                $slot = $plan->slots[$stage->id] ?? null;
                if ($slot === null || $slot->from >= $now) {
                    return $stage;
                }
                $to = $slot->to + ($longer[$stage->id] ?? 0);
                $began = new Began($slot->from, $to, $to <= $now, $slot->person, $slot->place, $slot->units);

                return new Stage($stage->id, $stage->kind, $stage->minutes, $stage->spread, $stage->asks, $stage->pin, $began);
            }, $part->stages), $part->stance, $part->held, $part->free),
            $car->parts,
        ), $car->stances), $day->cars);

        return new Day($now, $day->closes, $day->people, $day->places, $day->kit, $cars);
    }

    /** @return list<string> stages that are under way at a minute */
    public static function underWay(Timetable $plan, int $now): array
    {
        return array_keys(array_filter($plan->slots, static fn($slot): bool => $slot->from < $now && $slot->to > $now));
    }
}
