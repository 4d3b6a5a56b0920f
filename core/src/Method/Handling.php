<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Catalogue\Kit\Kit;
use Lumbro\Core\Measure\StandardUncertainty;

/** Standard uncertainties of single readings as they are taken by hand, mm: the instrument's and the hands'. */
final class Handling
{
    /** Setting a tape's or rule's ends to plumbed points, mm. */
    private const MARKING = 0.8;

    /** A laser spot is wider than a rule's division, mm. */
    private const BEAM = 1.0;

    /** A tape between two points. */
    public static function tape(Kit $kit): float
    {
        return StandardUncertainty::ofReading($kit->tape->accuracy, $kit->tape->resolution, self::MARKING);
    }

    /** A rule read at a laser's spot. */
    public static function beam(Kit $kit): float
    {
        return hypot(StandardUncertainty::ofReading($kit->rule->accuracy, $kit->rule->resolution, self::MARKING), self::BEAM);
    }
}
