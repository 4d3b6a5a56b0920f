<?php

declare(strict_types=1);

namespace Lumbro\Core\Axis;

use Lumbro\Core\Failure\NoMaximum;
use Lumbro\Core\Failure\OutsideSwing;

/**
 * The elevation reading of a sensor that only tells echo levels: the top of the parabola through the levels at three
 * plate pitches (maths, section 6). Degrees; pitch is positive with the plate's top towards the sensor.
 */
final readonly class PlateSwing
{
    private function __construct(public float $peak, public ?float $uncertainty) {}

    /**
     * @param float      $pitch how far the plate was swung to each side, degrees, > 0
     * @param float      $minus level at −pitch, dB
     * @param float      $zero  level at 0, dB
     * @param float      $plus  level at +pitch, dB
     * @param float|null $s     standard uncertainty of one level, dB
     *
     * @throws NoMaximum    where the level does not fall off to both sides
     * @throws OutsideSwing where the top lies beyond the pitches measured
     */
    public static function of(float $pitch, float $minus, float $zero, float $plus, ?float $s = null): self
    {
        $bend = $minus - 2 * $zero + $plus;
        if (! ($bend < 0)) {
            throw NoMaximum::ofLevels($minus, $zero, $plus);
        }
        $peak = $pitch * ($minus - $plus) / (2 * $bend);
        if (abs($peak) > $pitch) {
            throw OutsideSwing::at($peak, $pitch);
        }
        if ($s === null) {
            return new self($peak, null);
        }
        // Derivatives of the peak by the three levels.
        $byMinus = ($pitch / 2 - $peak) / $bend;
        $byPlus = (-$pitch / 2 - $peak) / $bend;
        $byZero = 2 * $peak / $bend;

        return new self($peak, $s * sqrt($byMinus ** 2 + $byZero ** 2 + $byPlus ** 2));
    }
}
