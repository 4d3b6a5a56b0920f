<?php

declare(strict_types=1);

namespace Lumbro\Core\Axis;

/**
 * One axis as the sensor's tool reports it, degrees. A tool reports either the boresight's misalignment, or the
 * target's angle as the sensor sees it, which is the same with the other sign; the card says which.
 */
final readonly class AxisReading
{
    public const AXES = ['azimuth', 'elevation'];

    private function __construct(public float $misalignment, public float $s) {}

    /**
     * The standard uncertainty of the mean of n readings with nothing moved between them: √(s²/n + bias²), degrees.
     *
     * @param float $s    of one reading, degrees, ≥ 0
     * @param int   $n    ≥ 1
     * @param float $bias what a second echo adds to all of them alike, degrees, ≥ 0
     */
    public static function together(float $s, int $n, float $bias): float
    {
        return hypot($s / sqrt($n), $bias);
    }

    /**
     * What a tool reports as the boresight's misalignment m.
     *
     * @param float $degrees anticlockwise or upwards positive
     * @param float $s       standard uncertainty of one reading, degrees, ≥ 0
     */
    public static function misalignment(float $degrees, float $s): self
    {
        return new self($degrees, $s);
    }

    /**
     * What a tool reports as the target's angle, −m.
     *
     * @param float $degrees anticlockwise or upwards positive
     * @param float $s       standard uncertainty of one reading, degrees, ≥ 0
     */
    public static function targetAngle(float $degrees, float $s): self
    {
        // −0.0 would show as a sign where there is none.
        return new self(0.0 - $degrees, $s);
    }
}
