<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

use Lumbro\Core\Axis\ShiftTest;

/** A shift test: how far to move the target, what the reading should then do, and what it did (maths, section 6). */
final readonly class ShiftPlan
{
    /** A change of at least this many uncertainties of a reading tells. */
    private const TELLS = 6.0;

    /** Shifts are asked for in steps of this, mm. */
    private const STEP = 10.0;

    private function __construct(public float $across, public float $bearingChange, public ?ShiftTest $test) {}

    /**
     * @param float $range      of the target from the sensor, mm
     * @param bool  $looksBack  whether left of the car is clockwise from the sensor
     * @param float $s          of one reading, degrees
     */
    public static function planned(float $range, bool $looksBack, float $s): self
    {
        $across = ceil($range * tan(deg2rad(self::TELLS * $s)) / self::STEP) * self::STEP;

        return new self($across, self::change($across, $range, $looksBack), null);
    }

    /** What came of it. */
    public static function made(float $across, float $range, bool $looksBack, AxisFinding $before, AxisFinding $after, float $s): self
    {
        $change = self::change($across, $range, $looksBack);
        $error = hypot($before->errors['azimuth'], $after->errors['azimuth']) / M_SQRT2;

        return new self($across, $change, ShiftTest::of($before->means['azimuth'], $after->means['azimuth'], $change, max($error, $s / 3), abs($change) / 30));
    }

    private static function change(float $across, float $range, bool $looksBack): float
    {
        return ($looksBack ? -1 : 1) * rad2deg(atan($across / $range));
    }
}
