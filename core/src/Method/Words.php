<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

/** The trade's words for the unknowns of a survey. */
final class Words
{
    private const POINTS = [
        'frontMark' => 'the front mark', 'rearMark' => 'the rear mark',
        'frontEmblem' => 'the front emblem\'s place', 'rearEmblem' => 'the rear emblem\'s place',
        'frontBumper' => 'the front of the bumper', 'rearBumper' => 'the rear of the bumper',
        'sensor' => 'the sensor\'s own place',
        'FL' => 'the left front hub', 'FR' => 'the right front hub', 'RL' => 'the left rear hub', 'RR' => 'the right rear hub',
        'laserRL' => 'the laser on the left rear wheel', 'laserRR' => 'the laser on the right rear wheel',
    ];

    private const OTHERS = [
        '#tape.scale' => 'the tape\'s scale', '#tape.zero' => 'the tape\'s zero end',
        '@wheelRL' => 'where the left rear wheel points', '@wheelRR' => 'where the right rear wheel points',
        '@mirror' => 'the mirror\'s squareness to its bar',
        'stand.x' => 'the stand\'s place', 'stand.y' => 'the stand\'s place', 'stand.yaw' => 'the stand\'s turn',
        'frontMark.y' => 'the front mark off the middle', 'rearMark.y' => 'the rear mark off the middle',
    ];

    /** Of an unknown such as "frontMark.y"; null where it is none. */
    public static function of(string $id): ?string
    {
        if (isset(self::OTHERS[$id])) {
            return self::OTHERS[$id];
        }
        [$point, $axis] = [...explode('.', $id, 2), ''];

        return isset(self::POINTS[$point])
            ? self::POINTS[$point] . ($axis === 'x' ? ', along the car' : ', sideways')
            : null;
    }
}
