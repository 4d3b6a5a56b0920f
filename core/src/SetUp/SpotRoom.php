<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Bay\Polygon;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/** Whether the target's spot lies on the bay's floor, as the car stands. */
final class SpotRoom
{
    /** A corner of a bay is known no better, mm. */
    private const FINE = 50.0;

    /**
     * @param Bay $bay as seen from the car
     *
     * @return Message|null what is in the way; null where the floor is free there
     */
    public static function hindrance(Bay $bay, float $x, float $y): ?Message
    {
        $inside = (new Polygon($bay->outline))->depth($x, $y)[0];
        if ($inside < -self::FINE) {
            return Message::of('bar.spot-outside', ['by' => Quantity::mm(-$inside), 'bay' => $bay->name]);
        }
        foreach ($bay->obstacles as $obstacle) {
            if ((new Polygon($obstacle->corners))->depth($x, $y)[0] > self::FINE) {
                return Message::of('bar.spot-obstacle', ['name' => $obstacle->name]);
            }
        }

        return null;
    }
}
