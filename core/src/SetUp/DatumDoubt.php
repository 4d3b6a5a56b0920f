<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Catalogue\Card\CardSpot;
use Lumbro\Core\Catalogue\Card\PreparationItem;

/** Asks about a datum that is easily mistaken: those of one car lie decimetres apart (need J18). */
final class DatumDoubt
{
    /** Targets stand nearer or further than this only by a mistake, mm. */
    private const NEAREST = 800.0;
    private const FURTHEST = 9000.0;

    private const WORDS = [
        'front-mark' => 'the front mark on the floor', 'rear-mark' => 'the rear mark on the floor', 'sensor-face' => 'the sensor\'s face',
        'front-bumper' => 'the bumper\'s front', 'rear-bumper' => 'the bumper\'s rear',
        'front-hub' => 'the front hub\'s centre', 'rear-hub' => 'the rear hub\'s centre',
    ];

    /** The question; null where there is no doubt. */
    public static function about(TaskContext $context): ?PreparationItem
    {
        $spot = $context->spot;
        $distance = $spot instanceof CardSpot ? abs($spot->along) : $spot->range;
        $odd = $distance < self::NEAREST || $distance > self::FURTHEST;
        $usual = in_array($spot->datum, $spot instanceof CardSpot ? ['front-mark', 'rear-mark'] : ['sensor-face'], true);
        if (! $odd && $usual) {
            return null;
        }
        $from = self::WORDS[$spot->datum] ?? $spot->datum;

        return new PreparationItem(
            'line-datum',
            sprintf('The card measures %s mm from %s: looked up again, and that is where it counts from', number_format($distance), $from),
            true,
            $odd ? 'That is an odd distance for a radar target: the card may mean another datum.' : 'The datums of one car lie decimetres apart; the wrong one is a wrong distance.',
        );
    }
}
