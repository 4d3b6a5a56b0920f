<?php

declare(strict_types=1);

namespace Lumbro\Core\Axis;

/**
 * One axis as the sensor's tool reports it, degrees. A tool reports either the boresight's misalignment, or the
 * target's angle as the sensor sees it, which is the same with the other sign; the card says which.
 */
final readonly class AxisReading
{
    private function __construct(public float $misalignment, public float $s) {}

    public static function misalignment(float $degrees, float $s): self
    {
        return new self($degrees, $s);
    }

    public static function targetAngle(float $degrees, float $s): self
    {
        // −0.0 would show as a sign where there is none.
        return new self(0.0 - $degrees, $s);
    }
}
