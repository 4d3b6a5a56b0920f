<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Catalogue\Vehicle\Mark;

/** Steps of establishing the line that more than one school takes, done once for the car. */
final class LineSteps
{
    /** A mark plumbed at one end of the car. */
    public static function mark(Ground $ground, string $end): PreparationItem
    {
        $mark = $ground->car->mark($end);

        return new PreparationItem(
            "line-$end-mark",
            $mark === Mark::Emblem
                ? sprintf('%s mark plumbed to the floor, the bob hanging free of the bumper', ucfirst($end))
                : sprintf('%s mark plumbed to the floor: %s instead of the emblem', ucfirst($end), $mark->words()),
            true,
            $end === 'front' ? 'A bob that touches a curved bumper puts the mark off the middle.' : 'The line has no second end.',
        );
    }

    /** The hubs plumbed at one end. */
    public static function hubs(bool $front): PreparationItem
    {
        return new PreparationItem(
            $front ? 'line-front-hubs' : 'line-rear-hubs',
            sprintf('Both %s hub centres plumbed to the floor, the wheels straight ahead', $front ? 'front' : 'rear'),
            true,
            'A turned wheel or a set-back axle moves a hub along the car.',
        );
    }
}
