<?php

declare(strict_types=1);

namespace Lumbro\Core\Measure;

/** Where standard uncertainties come from (maths, section 2; rectangular distributions of the GUM). */
final class StandardUncertainty
{
    /**
     * Of a reading: ±accuracy without a stated distribution, a resolution, and what marking and repeating add.
     *
     * @param float $accuracy   half-width, ≥ 0, in the reading's unit
     * @param float $resolution smallest step shown, ≥ 0
     * @param float $marking    standard uncertainty of setting the ends, ≥ 0
     */
    public static function ofReading(float $accuracy, float $resolution, float $marking = 0.0): float
    {
        return sqrt($accuracy ** 2 / 3 + $resolution ** 2 / 12 + $marking ** 2);
    }

    /**
     * From an expanded uncertainty, as certificates give it.
     *
     * @param float $expanded ≥ 0, in the reading's unit
     * @param float $k        coverage factor, > 0; 2 where the certificate says nothing else
     */
    public static function ofExpanded(float $expanded, float $k = 2.0): float
    {
        return $expanded / $k;
    }
}
