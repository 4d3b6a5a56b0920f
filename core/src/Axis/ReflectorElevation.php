<?php

declare(strict_types=1);

namespace Lumbro\Core\Axis;

/**
 * Elevation error of a reflector's place as the sensor sees it:
 * atan(((h_T − h_T,required) − (h_S − h_S,design))/r) (maths, section 6).
 */
final class ReflectorElevation
{
    /**
     * Lengths in mm, uncertainties standard.
     *
     * @param float $targetExcess measured less required height of the target
     * @param float $sensorExcess measured less design height of the sensor
     * @param float $range        sensor to target, > 0
     */
    public static function error(
        float $targetExcess,
        float $sTarget,
        float $sensorExcess,
        float $sSensor,
        float $range,
        float $sRange = 0.0,
        float $sRequired = 0.0,
    ): PlacementError {
        $rise = $targetExcess - $sensorExcess;
        $square = $range ** 2 + $rise ** 2;
        $byHeight = $range / $square;
        $byRange = $rise / $square;
        $variance = $byHeight ** 2 * ($sTarget ** 2 + $sSensor ** 2 + $sRequired ** 2) + ($byRange * $sRange) ** 2;

        return new PlacementError(rad2deg(atan2($rise, $range)), rad2deg(sqrt($variance)));
    }
}
