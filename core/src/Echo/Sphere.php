<?php

declare(strict_types=1);

namespace Lumbro\Core\Echo;

/** A sphere: πr², at any range and any way round. */
final readonly class Sphere implements RadarTarget
{
    /** @param float $radius mm, > 0 */
    public function __construct(private float $radius) {}

    public function crossSection(float $wavelength): float
    {
        return M_PI * ($this->radius / 1000) ** 2;
    }

    public function nearFactor(float $wavelength, float $range): float
    {
        return 1.0;
    }
}
