<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Message\Message;

/** What the unknowns of a survey are called: "unknown." and the id, such as "unknown.frontMark.y". */
final class Unknowns
{
    /** Points whose place along the car and sideways is unknown. */
    public const POINTS = ['frontMark', 'rearMark', 'frontEmblem', 'rearEmblem', 'frontBumper', 'rearBumper', 'sensor', 'FL', 'FR', 'RL', 'RR', 'laserRL', 'laserRR'];

    /** The others, by their ids in the survey. */
    public const OTHERS = ['#tape.scale', '#tape.zero', '@wheelRL', '@wheelRR', '@mirror', 'stand.x', 'stand.y', 'stand.yaw', 'frontMark.y', 'rearMark.y'];

    /** Of an unknown such as "frontMark.y"; its id where it has no name. */
    public static function said(string $id): Message|string
    {
        [$point, $axis] = [...explode('.', $id, 2), ''];
        $known = in_array($id, self::OTHERS, true) || (in_array($point, self::POINTS, true) && in_array($axis, ['x', 'y'], true));

        return $known ? Message::of('unknown.' . ltrim($id, '#@')) : $id;
    }
}
