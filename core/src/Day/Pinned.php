<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** Cars with what somebody fixed of their stages by hand. */
final class Pinned
{
    /**
     * A time that is past pins nothing any more.
     *
     * @param list<Car>          $cars
     * @param array<string, Pin> $pins stage → what is fixed of it
     * @param int                $now  minutes
     *
     * @return list<Car>
     */
    public static function on(array $cars, array $pins, int $now): array
    {
        $stage = static function (Stage $one) use ($pins, $now): Stage {
            $pin = $pins[$one->id] ?? null;
            if ($pin === null) {
                return $one;
            }
            $at = $pin->at === null || $pin->at < $now ? null : $pin->at;

            return new Stage($one->id, $one->kind, $one->minutes, $one->spread, $one->asks, new Pin($at, $pin->person, $pin->place), $one->began);
        };
        $part = static fn(Part $one): Part => new Part($one->id, array_map($stage, $one->stages), $one->stance, $one->held, $one->free);

        return array_map(static fn(Car $car): Car => new Car($car->id, $car->ready, $car->promised, array_map($part, $car->parts), $car->stances), $cars);
    }
}
