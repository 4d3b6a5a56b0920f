<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Numeric\Dual;

/** The direction from one place of the plan to another, with its gradient. */
final class Direction
{
    /** Places nearer than this, mm, count as one. */
    private const COINCIDENT = 1e-6;

    /**
     * @param array{Dual, Dual} $from mm
     * @param array{Dual, Dual} $to   mm
     * @param string            $path JSON Pointer to what asks for the direction
     * @param string            $what code of what it is: "survey.direction." and this
     *
     * @return Dual rad, anticlockwise from the vehicle's x axis
     *
     * @throws InvalidInput where both are one place
     */
    public static function between(array $from, array $to, string $path, string $what): Dual
    {
        $x = $to[0]->minus($from[0]);
        $y = $to[1]->minus($from[1]);
        if (hypot($x->value, $y->value) < self::COINCIDENT) {
            throw InvalidInput::because($path, 'survey.direction', ['what' => Message::of("survey.direction.$what")]);
        }

        return Dual::atan2($y, $x);
    }

    /**
     * How far two places of the plan are apart.
     *
     * @param array{Dual, Dual} $from mm
     * @param array{Dual, Dual} $to   mm, another place
     */
    public static function distance(array $from, array $to): Dual
    {
        $x = $to[0]->minus($from[0]);
        $y = $to[1]->minus($from[1]);
        $length = hypot($x->value, $y->value);
        $along = $x->scaled($x->value / $length)->plus($y->scaled($y->value / $length));

        return new Dual($length, $along->gradient);
    }
}
