<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Survey\Observation\AxisOffset;
use Lumbro\Core\Survey\Observation\Distance;
use Lumbro\Core\Survey\Observation\Observation;
use Lumbro\Core\Survey\Observation\Offset;

/** Readings that more than one school takes: the same call in each, so that it is read once. */
final class Common
{
    /** A rule must reach so much further than what it is held to, mm. */
    private const ROOM = 40.0;

    /**
     * The stand's own laser against a point: how far beside it the beam strikes.
     *
     * @param array<string, string> $with parameters of its title and instruction
     */
    public static function strike(Ground $ground, string $id, string $point, array $with = [], bool $check = false): Call
    {
        return new Call(
            $id,
            $ground->kit->rule->id,
            Reads::Sided,
            Handling::beam($ground->kit),
            static fn(Names $names, ?float $value, float $s, float $rise): Observation => $ground->isInSpace()
                ? new AxisOffset($id, $names->stand, $point, $value, $s, 'rule', plumbed: true, other: $value !== null && $value < 0)
                : new AxisOffset($id, $names->stand, $point, $value, $s),
            Trace::beam('stand', $point),
            // A stand that faces the car has the car's left on its right, and the beam strikes where the point is not.
            new CallDetails($with, $check, sense: $ground->stand->facesForward() ? -1 : 1),
        );
    }

    /**
     * How far a point lies off the line, by the shortest rule that reaches, or by tape from a foot on the line where none does.
     *
     * @param array<string, string> $with parameters of its title and instruction
     */
    public static function offset(Ground $ground, string $id, string $point, array $with = [], bool $check = false): Call
    {
        $expected = abs($ground->across($point));
        $rule = $ground->kit->ruleReaching($expected + self::ROOM);
        $line = $ground->line();
        $name = match ($rule?->id) {
            null => 'tape',
            $ground->kit->rule->id => 'rule',
            default => 'longRule',
        };

        return new Call(
            $id,
            $rule->id ?? $ground->kit->tape->id,
            Reads::Sided,
            Handling::rule($ground->kit, $rule ?? $ground->kit->tape),
            static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Offset($id, $names->of($point), $line, $value, $s, $name, $value !== null && $value < 0),
            Trace::rule($ground->nearMark, $point),
            new CallDetails([...$with, 'by' => $rule === null ? 'tape' : 'rule'], $check),
        );
    }

    /** The stand laid square by its laser, or aimed at the sensor where the card gives the spot by range and bearing. */
    public static function square(Ground $ground): Call
    {
        return $ground->isPolar()
            ? self::strike($ground, 'aim', 'sensor')
            : self::strike($ground, 'split', $ground->nearMark, ['end' => self::end($ground), 'by' => 'stand']);
    }

    /**
     * A tape from one of the near hubs to the target.
     *
     * @param int $side 0 left, 1 right
     */
    public static function hubTape(Ground $ground, int $side, bool $check = true): Call
    {
        return self::tape($ground, $side === 0 ? 'hub-left' : 'hub-right', $ground->nearHubs[$side], 'target', new CallDetails(['end' => self::end($ground), 'check' => $check ? 'yes' : 'no'], $check), true);
    }

    /**
     * A tape from one of the near hubs to the bar's end on the same side.
     *
     * @param int $side 0 left, 1 right
     */
    public static function barTape(Ground $ground, int $side): Call
    {
        return self::tape($ground, $side === 0 ? 'bar-left' : 'bar-right', $ground->nearHubs[$side], $side === 0 ? 'barLeft' : 'barRight', new CallDetails(['end' => self::end($ground)]));
    }

    /** A tape between two points; one that slants up to the target says so. */
    public static function tape(Ground $ground, string $id, string $from, string $to, CallDetails $details = new CallDetails(), bool $slants = false): Call
    {
        return new Call(
            $id,
            $ground->kit->tape->id,
            Reads::Length,
            Handling::tape($ground->kit),
            static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Distance($id, $from, $names->of($to), $value, $s, $slants && ! $ground->isInSpace() ? $rise : 0.0, 'tape', inSpace: $slants && $ground->isInSpace()),
            Trace::tape($from, $to),
            $details,
        );
    }

    /** "front" or "rear": the car's end that the spot is at. */
    public static function end(Ground $ground): string
    {
        return $ground->isAhead ? 'front' : 'rear';
    }

    /** "front" or "rear": the other end. */
    public static function otherEnd(Ground $ground): string
    {
        return $ground->isAhead ? 'rear' : 'front';
    }
}
