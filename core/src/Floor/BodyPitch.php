<?php

declare(strict_types=1);

namespace Lumbro\Core\Floor;

/**
 * How far load or springs pitch the body against its wheels: ((front − front₀) − (rear − rear₀))/wheelbase
 * (maths, section 5).
 */
final class BodyPitch
{
    /**
     * Degrees, nose-up positive. Heights in mm over the wheels' floor, at front and rear axle.
     *
     * @param float $wheelbase mm, > 0
     */
    public static function degrees(float $front, float $frontNominal, float $rear, float $rearNominal, float $wheelbase): float
    {
        return rad2deg(atan2(($front - $frontNominal) - ($rear - $rearNominal), $wheelbase));
    }
}
