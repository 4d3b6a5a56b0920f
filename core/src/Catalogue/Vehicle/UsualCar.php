<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Vehicle;

/**
 * What is taken for a car of which nobody knows the shape: the middle of passenger cars and light vans, each figure with
 * a standard uncertainty that a real one seldom leaves by more than twice. They are our own estimates, from no table of
 * anybody's; a car's drawing begins with them, and no proof can rest on one, for the survey carries its width.
 */
final class UsualCar
{
    /** @var array<string, array{float, float}> figure → value and standard uncertainty, mm */
    private const FIGURES = [
        'wheelbase' => [2_700.0, 150.0],
        'trackFront' => [1_560.0, 45.0],
        'trackRear' => [1_560.0, 45.0],
        'frontOverhang' => [890.0, 70.0],
        'rearOverhang' => [900.0, 130.0],
        'width' => [1_830.0, 60.0],
        'height' => [1_530.0, 110.0],
        'frontMark' => [870.0, 70.0],
        'rearMark' => [870.0, 130.0],
        'frontMarkHeight' => [720.0, 100.0],
        'rearMarkHeight' => [880.0, 150.0],
    ];

    /** How well a hub is marked, and how far an emblem lies off the car's middle and along it, mm: nobody knows this car's. */
    private const HUB = 2.5;
    private const MARK_ALONG = 5.0;
    private const MARK_ACROSS = 3.0;

    /** How well a sensor's place is marked once it is measured, mm. */
    private const SENSOR = 3.0;
    private const SENSOR_HEIGHT = 4.0;

    /** A wheel of these cars, mm: for the drawing. */
    private const WHEEL = 660.0;
    private const TYRE = 215.0;

    /**
     * A sensor of each kind: how far inside the car's end (mm, from the front or rear overhang), off the middle and over the
     * floor, each with its standard uncertainty; and its axis in degrees from straight ahead, for the left one.
     *
     * @var array<string, array{array{float, float}, array{float, float}, array{float, float}, float}>
     */
    private const SENSORS = [
        'front' => [[60.0, 50.0], [0.0, 60.0], [520.0, 110.0], 0.0],
        'front-corner' => [[180.0, 90.0], [700.0, 90.0], [560.0, 110.0], 45.0],
        'rear' => [[120.0, 80.0], [690.0, 90.0], [650.0, 110.0], 149.0],
        'blind-spot' => [[140.0, 90.0], [700.0, 90.0], [680.0, 120.0], 120.0],
    ];

    /**
     * The sheet of a car of which only its name and its sensors are known.
     *
     * @param non-empty-list<SensorPlace> $places
     */
    public static function of(string $make, string $model, array $places): VehicleSheet
    {
        $figures = array_map(static fn(array $figure): float => $figure[0], self::FIGURES);
        $sensors = array_map(static fn(SensorPlace $place): CarSensor => self::sensor($place, in_array($place->other(), $places, true)), $places);
        $unknown = array_keys(self::FIGURES);
        foreach ($sensors as $sensor) {
            foreach (CarSensor::COORDINATES as $coordinate) {
                $unknown[] = "$sensor->id.$coordinate";
            }
        }

        return new VehicleSheet(
            $make,
            $model,
            ...$figures,
            hubHeight: self::WHEEL / 2,
            tyreDiameter: self::WHEEL,
            tyreWidth: self::TYRE,
            sHub: self::HUB,
            sMarkAlong: self::MARK_ALONG,
            sMarkAcross: self::MARK_ACROSS,
            sSensor: self::SENSOR,
            sSensorHeight: self::SENSOR_HEIGHT,
            sensors: $sensors,
            s: array_map(static fn(array $figure): float => $figure[1], self::FIGURES),
            origins: array_fill_keys($unknown, new FigureOrigin('unknown')),
        );
    }

    private static function sensor(SensorPlace $place, bool $isPaired): CarSensor
    {
        [$inside, $aside, $height, $facing] = self::SENSORS[$place->kind()];
        $looksBack = in_array($place->kind(), ['rear', 'blind-spot'], true);
        $end = $looksBack ? -self::FIGURES['rearOverhang'][0] : self::FIGURES['wheelbase'][0] + self::FIGURES['frontOverhang'][0];
        $sign = $place->side() === 'right' ? -1 : 1;

        return new CarSensor(
            id: $place->value,
            name: ucfirst(str_replace('-', ' ', $place->value)) . ' radar',
            kind: $place->kind(),
            side: $place->side(),
            pair: $isPaired ? $place->other()?->value : null,
            behind: $looksBack ? 'rear-cover' : 'front-cover',
            along: $looksBack ? $end + $inside[0] : $end - $inside[0],
            across: $sign * $aside[0],
            height: $height[0],
            facing: $sign * $facing,
            s: $inside[1],
            sAcross: $aside[1],
            sHeight: $height[1],
        );
    }
}
