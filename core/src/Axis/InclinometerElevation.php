<?php

declare(strict_types=1);

namespace Lumbro\Core\Axis;

/**
 * A sensor whose vertical reading comes from an inclinometer feels gravity, not the target: Δ = −γ, whatever the
 * target's height (maths, section 6).
 */
final class InclinometerElevation
{
    /**
     * @param float $grade  of the floor along the sensor's facing, degrees, rising positive
     * @param float $sGrade its standard uncertainty, degrees, ≥ 0
     */
    public static function error(float $grade, float $sGrade): PlacementError
    {
        // Not a bare minus: a level floor would give −0.
        return new PlacementError(0.0 - $grade, $sGrade);
    }
}
