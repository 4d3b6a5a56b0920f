<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

/**
 * Signs as words of the person who acts on them (maths, section 1). A target ahead of the car: forward is away
 * from it.
 */
final class Directions
{
    /** Of a move across the reference; left is positive. */
    public static function across(float $value): string
    {
        return $value >= 0 ? 'towards the car\'s left side' : 'towards the car\'s right side';
    }

    /** Of a move along the reference, with the target ahead of the car (`$ahead`) or behind it. */
    public static function along(float $value, bool $ahead): string
    {
        return ($value >= 0) === $ahead ? 'away from the car' : 'towards the car';
    }

    /** Of a turn; anticlockwise seen from above is positive. */
    public static function turn(float $value): string
    {
        return $value >= 0 ? 'anticlockwise, seen from above' : 'clockwise, seen from above';
    }

    /** Of a height; upwards is positive. */
    public static function height(float $value): string
    {
        return $value >= 0 ? 'up' : 'down';
    }

    /** How a deviation is said beside its verdict. */
    public static function deviation(string $name, float $value, bool $ahead): string
    {
        return match ($name) {
            'across' => $value >= 0 ? 'to the car\'s left' : 'to the car\'s right',
            'along' => ($value >= 0) === $ahead ? 'too far' : 'too near',
            'yaw' => $value >= 0 ? 'turned anticlockwise' : 'turned clockwise',
            default => $value >= 0 ? 'too high' : 'too low',
        };
    }

    /** Of an axis; azimuth is positive to the car's left, elevation upwards. */
    public static function axis(string $axis, float $value): string
    {
        return match (true) {
            $axis === 'azimuth' => $value >= 0 ? 'to the car\'s left' : 'to the car\'s right',
            default => $value >= 0 ? 'up' : 'down',
        };
    }
}
