<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Survey\Observation\AxisOffset;
use Lumbro\Core\Survey\Observation\Distance;
use Lumbro\Core\Survey\Observation\Observation;

/** Readings that more than one school takes: the same call in each, so that it is read once. */
final class Common
{
    /** The stand's own laser against a point: how far beside it the beam strikes. */
    public static function strike(Ground $ground, string $id, string $title, string $instruction, string $point, bool $check = false): Call
    {
        return new Call(
            $id,
            $title,
            $instruction,
            $ground->kit->rule->id,
            Reads::Sided,
            Handling::beam($ground->kit),
            static fn(Names $names, ?float $value, float $s, float $rise): Observation => new AxisOffset($id, $names->stand, $point, $value, $s),
            Trace::beam('stand', $point),
            check: $check,
            // A stand that faces the car has the car's left on its right, and the beam strikes where the point is not.
            sense: $ground->stand->facesForward() ? -1 : 1,
        );
    }

    /** The stand laid square by its laser, or aimed at the sensor where the card gives the spot by range and bearing. */
    public static function square(Ground $ground): Call
    {
        return $ground->isPolar()
            ? self::strike($ground, 'aim', 'Stand aimed', 'Stand laser to the sensor: how far beside its middle it strikes', 'sensor')
            : self::strike($ground, 'split', 'Stand square', sprintf('Stand laser back to the car: how far beside the %s mark it strikes', self::end($ground)), $ground->nearMark);
    }

    /**
     * A tape from one of the near hubs to the target.
     *
     * @param int $side 0 left, 1 right
     */
    public static function hubTape(Ground $ground, int $side, bool $check = true): Call
    {
        $word = $side === 0 ? 'left' : 'right';
        $hub = $ground->nearHubs[$side];

        return self::tape(
            $ground,
            "hub-$word",
            ($check ? 'Check tape, ' : 'Hub tape, ') . $word,
            sprintf('%s %s hub centre to the target', ucfirst($word), self::end($ground)),
            $hub,
            'target',
            $check,
            true,
        );
    }

    /**
     * A tape from one of the near hubs to the bar's end on the same side.
     *
     * @param int $side 0 left, 1 right
     */
    public static function barTape(Ground $ground, int $side): Call
    {
        $word = $side === 0 ? 'left' : 'right';

        return self::tape(
            $ground,
            "bar-$word",
            sprintf('%s hub to the bar\'s %s end', ucfirst($word), $word),
            sprintf('%s %s hub mark to the point under the bar\'s end on the car\'s %s', ucfirst($word), self::end($ground), $word),
            $ground->nearHubs[$side],
            $side === 0 ? 'barLeft' : 'barRight',
        );
    }

    /** A tape between two points; one that slants up to the target says so. */
    public static function tape(Ground $ground, string $id, string $title, string $instruction, string $from, string $to, bool $check = false, bool $slants = false): Call
    {
        return new Call(
            $id,
            $title,
            $instruction,
            $ground->kit->tape->id,
            Reads::Length,
            Handling::tape($ground->kit),
            static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Distance($id, $from, $names->of($to), $value, $s, $slants ? $rise : 0.0, 'tape'),
            Trace::tape($from, $to),
            check: $check,
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
