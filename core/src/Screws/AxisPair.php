<?php

declare(strict_types=1);

namespace Lumbro\Core\Screws;

/** Something on both axes of a sensor, degrees: azimuth (yaw, anticlockwise positive) and elevation (up positive). */
final readonly class AxisPair
{
    /**
     * @param float $azimuth   degrees, anticlockwise positive
     * @param float $elevation degrees, upwards positive
     */
    public function __construct(public float $azimuth, public float $elevation) {}

    /** This with so many times another added. */
    public function plus(self $other, float $times = 1.0): self
    {
        return new self($this->azimuth + $times * $other->azimuth, $this->elevation + $times * $other->elevation);
    }
}
