<?php

declare(strict_types=1);

namespace Lumbro\Core\Axis;

/**
 * What a flat plate's pitch does to the elevation reading: Δ = tilt − γ (maths, section 6). A plate levelled by its
 * bubble is square to gravity; the car stands on the floor, so the floor's grade along the sensor's facing counts.
 */
final class PlateElevation
{
    /**
     * Degrees; uncertainties standard, ≥ 0.
     *
     * @param float $tilt  of the plate against gravity, top towards the sensor positive; 0 when the bubble is centred
     * @param float $grade of the floor along the sensor's facing, rising positive
     */
    public static function error(float $tilt, float $sTilt, float $grade, float $sGrade): PlacementError
    {
        return new PlacementError($tilt - $grade, hypot($sTilt, $sGrade));
    }
}
