<?php

declare(strict_types=1);

namespace Lumbro\Core\Echo;

/**
 * A flat rectangular plate. Near it is (4π/λ²)·|∬ exp(i(kρ²/r + 2k(x sin δ_yaw + y sin δ_pitch))) dA|², k = 2π/λ, which
 * separates into one Fresnel integral for each side.
 */
final readonly class Plate implements RadarTarget
{
    /** Below this phase across the plate, rad, its curvature is lost in rounding and the wave counts as flat. */
    private const FLAT = 1e-5;

    /**
     * @param float $width    mm, > 0
     * @param float $height   mm, > 0
     * @param float $offYaw   degrees the plate is turned off square
     * @param float $offPitch degrees it is tilted off square
     */
    public function __construct(
        private float $width,
        private float $height,
        private float $offYaw = 0.0,
        private float $offPitch = 0.0,
    ) {}

    public function crossSection(float $wavelength): float
    {
        return 4 * M_PI * ($this->width * $this->height / $wavelength) ** 2 * 1e-6;
    }

    public function nearFactor(float $wavelength, float $range): float
    {
        return self::side($this->width, sin(deg2rad($this->offYaw)), $wavelength, $range)
            * self::side($this->height, sin(deg2rad($this->offPitch)), $wavelength, $range);
    }

    /** |∫ exp(i(kx²/r + 2kx·sine)) dx|² over one side, as a share of the side's square. */
    private static function side(float $side, float $sine, float $wavelength, float $range): float
    {
        $k = 2 * M_PI / $wavelength;
        if ($k * $side ** 2 / (4 * $range) < self::FLAT) {
            $x = $k * $side * $sine;

            return abs($x) < 1e-6 ? 1.0 : (sin($x) / $x) ** 2;
        }
        // Completing the square: x + r·sine runs from lower to upper, in units in which the phase is πt²/2.
        $unit = sqrt(2 * $k / (M_PI * $range));
        [$c, $s] = Fresnel::between(($range * $sine - $side / 2) * $unit, ($range * $sine + $side / 2) * $unit);

        return ($c ** 2 + $s ** 2) / ($unit * $side) ** 2;
    }
}
