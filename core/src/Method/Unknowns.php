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
    public const OTHERS = [
        '#tape.scale', '#tape.zero', '@wheelRL', '@wheelRR', '@mirror', 'stand.x', 'stand.y', 'stand.yaw', 'frontMark.y', 'rearMark.y',
        '#rule.zero', '#longRule.zero', '#floor.zero', '^pitch', '^roll', '~laser.height', '~laser.tiltX', '~laser.tiltY', 'stand.z', 'siteFloor.z', 'sensorFloor.z', 'sensor.z',
        'frontMark.z', 'rearMark.z', 'frontEmblem.z', 'rearEmblem.z', 'frontBumper.z', 'rearBumper.z', 'plate.tilt',
    ];

    /** Of an unknown such as "frontMark.y"; its id where it has no name. */
    public static function said(string $id): Message|string
    {
        if (preg_match('/^staff-(FL|FR|RL|RR|site|sensor)(?:-([23]))?$/', $id, $found) === 1) {
            return Message::of('unknown.staff', ['place' => Message::of('place.' . ($found[1] === 'site' ? 'target' : $found[1])), 'time' => $found[2] ?? '1']);
        }
        [$point, $axis] = [...explode('.', $id, 2), ''];
        $known = in_array($id, self::OTHERS, true) || (in_array($point, self::POINTS, true) && in_array($axis, ['x', 'y'], true));

        return $known ? Message::of('unknown.' . ltrim($id, '#@^~')) : $id;
    }
}
