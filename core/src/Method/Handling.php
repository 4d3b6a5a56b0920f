<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Catalogue\Kit\Kit;
use Lumbro\Core\Catalogue\Kit\MeasuringInstrument;
use Lumbro\Core\Measure\StandardUncertainty;

/** Standard uncertainties of single readings as they are taken by hand, mm: the instrument's and the hands'. */
final class Handling
{
    /** Setting a tape's or rule's ends to plumbed points, mm. */
    private const MARKING = 0.8;

    /** A laser spot is wider than a rule's division, mm. */
    private const BEAM = 1.0;

    /** How far a large square, or three sides of 3, 4 and 5, misses a right angle, rad. */
    private const SQUARE = 0.0012;

    /** A tape between two points. */
    public static function tape(Kit $kit): float
    {
        return self::of($kit, 'tape', $kit->tape);
    }

    /** A rule read at a laser's spot. */
    public static function beam(Kit $kit): float
    {
        return self::rule($kit, $kit->rule);
    }

    /** The same with a rule, or a tape, of one's choice. */
    public static function rule(Kit $kit, MeasuringInstrument $rule): float
    {
        return $kit->factor($rule) * hypot(StandardUncertainty::ofReading($rule->accuracy, $rule->resolution, self::MARKING), self::BEAM);
    }

    /** A distance along the line to a point that lies so far aside, mm: its foot on the line is laid by a large square. */
    public static function squared(Kit $kit, float $aside): float
    {
        return hypot(self::tape($kit), self::SQUARE * $aside);
    }

    /** What an instrument of a kind, "tape", "rule" or "staff", and the hand that holds it add to a reading. */
    public static function of(Kit $kit, string $kind, MeasuringInstrument $instrument): float
    {
        return $kind === 'rule'
            ? self::rule($kit, $instrument)
            : $kit->factor($instrument) * StandardUncertainty::ofReading($instrument->accuracy, $instrument->resolution, self::MARKING);
    }

    /** A height read off a staff or an upright tape. */
    public static function staff(Kit $kit): float
    {
        return self::of($kit, 'staff', $kit->staff);
    }
}
