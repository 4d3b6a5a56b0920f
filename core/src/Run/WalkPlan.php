<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

use Lumbro\Core\Axis\Walk;
use Lumbro\Core\Echo\EchoLevel;

/** The walk: the axis read with the stand nudged along the range each time, so that a second echo turns its phase (maths, section 6). */
final class WalkPlan
{
    /** Each nudge turns the phase of a second echo by a quarter: an eighth of the wavelength. */
    private const STEP = 0.125;

    /** How finely a stand is nudged, mm. */
    private const FINE = 0.1;

    /** The radar's wavelength, mm. */
    public static function wavelength(float $gigahertz): float
    {
        return EchoLevel::LIGHT / ($gigahertz * 1e9);
    }

    /** How far the stand goes each time, mm. */
    public static function step(float $gigahertz): float
    {
        return ceil(self::STEP * self::wavelength($gigahertz) / self::FINE) * self::FINE;
    }

    /**
     * Where the stand goes next.
     *
     * @param list<float> $read at which the axis was read, mm from where it was measured
     *
     * @return float|null null where the walk is done
     */
    public static function next(float $gigahertz, array $read): ?float
    {
        $places = array_values(array_unique($read, SORT_REGULAR));

        return count($places) >= Walk::LEAST ? null : max([0.0, ...$places]) + ($places === [] ? 0.0 : self::step($gigahertz));
    }
}
