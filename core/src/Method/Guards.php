<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Survey\Observation\Against;
use Lumbro\Core\Survey\Observation\Along;
use Lumbro\Core\Survey\Observation\Height;
use Lumbro\Core\Survey\Observation\Observation;

/**
 * Readings that no school asks for, and that bring to light what could be wrong and not show (need J43): where the sensor
 * and the hubs are off the line, heights, and every reading taken a second and a third time.
 */
final class Guards
{
    /** The mark of the rule that the tape is laid to, mm. */
    private const MARK = 200.0;

    /** @return list<Call> */
    public static function calls(Ground $ground, Call $height): array
    {
        if (! $ground->isInSpace()) {
            return [];
        }
        $calls = [self::sensorOffset($ground), self::sensorAlong($ground), self::sensorHeight($ground), self::ruleCheck($ground)];
        foreach ([...$ground->nearHubs, ...$ground->farHubs] as $hub) {
            $calls[] = Common::offset($ground, "hub-offset-$hub", $hub, self::hub($hub), true);
        }
        $calls[] = Common::tape($ground, 'range', 'sensor', 'target', new CallDetails(check: true));
        $calls[] = $height;

        return $calls;
    }

    /** The height of the target over its own floor, to one of the places of its drawing. */
    public static function height(Ground $ground, bool $check, string ...$datums): Call
    {
        return new Call(
            'height',
            $ground->kit->staff->id,
            Reads::Height,
            Handling::staff($ground->kit),
            static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Height('height', 'siteFloor', $names->target, $value, $s),
            details: new CallDetails(check: $check, datums: array_values($datums)),
        );
    }

    /** The same reading once more: laid anew, not looked at again. */
    public static function again(Call $call, int $time): Call
    {
        return $call->again("$call->id-$time", $time);
    }

    private static function sensorOffset(Ground $ground): Call
    {
        return Common::offset($ground, 'sensor-offset', 'sensor', [], true);
    }

    private static function sensorAlong(Ground $ground): Call
    {
        $line = $ground->isAhead ? $ground->lineBack() : $ground->line();
        $near = $ground->nearMark;

        return new Call(
            'sensor-along',
            $ground->kit->tape->id,
            Reads::Length,
            Handling::squared($ground->kit, abs($ground->across('sensor'))),
            static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Along('sensor-along', 'sensor', $line, $near, $value, $s, 'tape'),
            Trace::along($near, 'sensor'),
            new CallDetails(['end' => Common::end($ground)], true),
        );
    }

    /** The rule held against the tape: whether its end is where it seems to be. */
    private static function ruleCheck(Ground $ground): Call
    {
        return new Call(
            'rule-check',
            $ground->kit->tape->id,
            Reads::Length,
            Handling::tape($ground->kit),
            static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Against('rule-check', 'rule', self::MARK, $value, $s, 'tape'),
            details: new CallDetails(['mark' => Quantity::mm(self::MARK)], true),
        );
    }

    private static function sensorHeight(Ground $ground): Call
    {
        return new Call(
            'sensor-height',
            $ground->kit->staff->id,
            Reads::Length,
            Handling::staff($ground->kit),
            static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Height('sensor-height', 'sensorFloor', 'sensor', $value, $s),
            details: new CallDetails(check: true),
        );
    }

    /** @return array<string, string> */
    private static function hub(string $hub): array
    {
        return ['end' => $hub[0] === 'F' ? 'front' : 'rear', 'side' => $hub[1] === 'L' ? 'left' : 'right'];
    }
}
