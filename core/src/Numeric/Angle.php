<?php

declare(strict_types=1);

namespace Lumbro\Core\Numeric;

/** Angles: radians inside, degrees at every interface. */
final class Angle
{
    /** The same direction in (−π, π], radians. */
    public static function wrap(float $radians): float
    {
        $wrapped = fmod($radians, 2 * M_PI);
        if ($wrapped > M_PI) {
            return $wrapped - 2 * M_PI;
        }

        return $wrapped <= -M_PI ? $wrapped + 2 * M_PI : $wrapped;
    }

    /** Radians to degrees in (−180, 180]. */
    public static function degrees(float $radians): float
    {
        return rad2deg(self::wrap($radians));
    }
}
