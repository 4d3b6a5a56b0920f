<?php

declare(strict_types=1);

namespace Lumbro\Core\Echo;

/** A radar target of a known shape (maths, section 8). Lengths in mm. */
interface RadarTarget
{
    /**
     * Radar cross-section square-on in the far field, m².
     *
     * @param float $wavelength mm
     */
    public function crossSection(float $wavelength): float;

    /**
     * What is left of it at a range in the near field, as the target is turned: a factor, 0 to about 1.
     *
     * @param float $wavelength mm
     * @param float $range      mm, > 0
     */
    public function nearFactor(float $wavelength, float $range): float;
}
