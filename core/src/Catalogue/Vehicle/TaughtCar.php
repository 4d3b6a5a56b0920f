<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Vehicle;

use Lumbro\Core\Fields\Copy;

/** What the last cars of a kind teach of the next one: the mean of each figure, and how far one car strays from it. */
final class TaughtCar
{
    /** How far two cars of one kind differ in a figure where one alone was measured, mm, standard; it counts as one more car. */
    private const CARS = 4.0;

    /**
     * @param VehicleSheet       $sheet of their kind
     * @param list<VehicleSheet> $cars  each as it was known when its order ended
     *
     * @return VehicleSheet the sheet that the next car begins with
     */
    public static function of(VehicleSheet $sheet, array $cars): VehicleSheet
    {
        // The wheelbase first: what lies ahead of it is counted from the front hubs.
        foreach ([...VehicleSheet::MEASURABLE, ...self::places($sheet)] as $figure) {
            [$values, $squares] = [[], []];
            foreach ($cars as $car) {
                $origin = $car->origins[$figure] ?? null;
                if ($origin !== null && $origin->isKnown() && $origin->from !== 'cars') {
                    [$value, $s] = self::told($car, $figure);
                    $values[] = $value;
                    $squares[] = $s ** 2;
                }
            }
            if ($values !== []) {
                $count = count($values);
                $mean = array_sum($values) / $count;
                $strays = array_sum(array_map(static fn(float $value): float => ($value - $mean) ** 2, $values));
                $spread = ($strays + self::CARS ** 2) / $count;
                $s = sqrt($spread * (1 + 1 / $count) + array_sum($squares) / $count ** 2);
                $sheet = $sheet->measured($figure, self::counted($sheet, $figure, $mean), $s, new FigureOrigin('cars', null, $count));
            }
        }

        return Copy::of($sheet, ['measured' => []]);
    }

    /** @return list<string> */
    private static function places(VehicleSheet $sheet): array
    {
        $places = [];
        foreach ($sheet->sensors as $sensor) {
            foreach (CarSensor::COORDINATES as $coordinate) {
                $places[] = "$sensor->id.$coordinate";
            }
        }

        return $places;
    }

    /** @return array{float, float} a figure of a car as it is counted from the hubs beside it, and its standard uncertainty, mm */
    private static function told(VehicleSheet $car, string $figure): array
    {
        [$id, $coordinate] = [...explode('.', $figure, 2), ''];
        $sensor = $car->sensor($id);
        if ($sensor === null) {
            return [$car->figure($figure), $car->sOf($figure)];
        }

        return [$sensor->at($coordinate) - self::ahead($car, $sensor, $coordinate), $sensor->sOf($coordinate)];
    }

    private static function counted(VehicleSheet $sheet, string $figure, float $value): float
    {
        [$id, $coordinate] = [...explode('.', $figure, 2), ''];
        $sensor = $sheet->sensor($id);

        return $sensor === null ? $value : $value + self::ahead($sheet, $sensor, $coordinate);
    }

    private static function ahead(VehicleSheet $sheet, CarSensor $sensor, string $coordinate): float
    {
        return $coordinate === 'along' && ! $sensor->looksBack() ? $sheet->wheelbase : 0.0;
    }
}
