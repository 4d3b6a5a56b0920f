<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Catalogue\ShopRules\SlipLimits;

/**
 * How large a slip could be at most before somebody sees it, where the readings themselves do not bound it: the defaults
 * of `most` (maths, section 2.1), mm and rad. A bound that is too small would call a set-up guarded that is not: where
 * nothing on the car or the kit stops a larger slip, there is no entry here.
 */
final class SlipBounds
{
    /** An emblem or a bob that hangs further aside than a thumb's breadth and a half is seen from the other end of the car. */
    public const MARK_ACROSS = 40.0;

    /** Along the car a mark is the foremost or rearmost point of a curve: what is taken for it lies within a hand's breadth. */
    public const MARK_ALONG = 80.0;

    /** Where an emblem's height is wrong by more, it is another emblem. */
    public const MARK_HEIGHT = 150.0;

    /** A hub plumbed further aside than this is not under its cap: the bob touches the tyre, which is nearer than that. */
    public const HUB = 25.0;

    /** A sensor that sits further off its drawing does not go behind its cover or onto its bracket. */
    public const SENSOR = 15.0;

    /** Its height beside that has the tyres' and the load's in it, which the ride height would show. */
    public const SENSOR_HEIGHT = 25.0;

    /** A floor that nobody surveyed: where it lies further off, water stands on it. */
    public const STATED_FLOOR = 25.0;

    /** Within a step of the wheels a floor that jumps by more has an edge that one stumbles over. */
    public const NEAR_FLOOR = 6.0;

    /** A floor on which two wheels stand higher than the others by twice as much rocks the car visibly. */
    public const WARP = 15.0;

    /** The car on a floor that nobody surveyed, rad: more is seen by eye. */
    public const STATED_TILT = 1.0 * M_PI / 180;

    /** A laser plane that leans more does not settle, mm per m. */
    public const LASER_TILT = 1.0;

    /** A rear wheel further out of the car's line wears its tyre within days, rad. */
    public const WHEEL_HEADING = 1.0 * M_PI / 180;

    /** A mirror that sits further out of its bar's square is loose, rad. */
    public const MIRROR = 0.3 * M_PI / 180;

    /** A plate's bubble that is further off stands elsewhere when the level is turned round, rad. */
    public const PLATE_TILT = 0.2 * M_PI / 180;

    /** A tape that is wrong by more in each metre has been stretched or folded, and one with more at its end has lost its hook. */
    public const TAPE_SCALE = 0.003;
    public const TAPE_ZERO = 30.0;

    /** A rule with more missing at its end is not the rule it says it is. */
    public const RULE_ZERO = 30.0;

    /**
     * Those that a shop may set otherwise, as it has them.
     *
     * @return array{mark: float, hub: float, sensor: float, sensorHeight: float, tapeEnd: float, ruleEnd: float, floor: float} mm
     */
    public static function of(?SlipLimits $shop): array
    {
        return [
            'mark' => $shop->mark ?? self::MARK_ACROSS,
            'hub' => $shop->hub ?? self::HUB,
            'sensor' => $shop->sensor ?? self::SENSOR,
            'sensorHeight' => $shop->sensorHeight ?? self::SENSOR_HEIGHT,
            'tapeEnd' => $shop->tapeEnd ?? self::TAPE_ZERO,
            'ruleEnd' => $shop->ruleEnd ?? self::RULE_ZERO,
            'floor' => $shop->floor ?? self::STATED_FLOOR,
        ];
    }
}
