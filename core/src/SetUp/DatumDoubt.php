<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Catalogue\Card\CardSpot;
use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/** Asks about a datum that is easily mistaken: those of one car lie decimetres apart (need J18). */
final class DatumDoubt
{
    /** Targets stand nearer or further than this only by a mistake, mm. */
    private const NEAREST = 800.0;
    private const FURTHEST = 9000.0;

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
        return new PreparationItem('line-datum', Message::of('step.line-datum', ['distance' => Quantity::mm($distance), 'datum' => Message::of("datum.$spot->datum")]), true, Message::of($odd ? 'step.line-datum.odd' : 'step.line-datum.why'));
    }
}
