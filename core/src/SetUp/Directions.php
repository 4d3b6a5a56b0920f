<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Message\Message;

/**
 * Signs as directions of the person who acts on them (maths, section 1). A target ahead of the car: forward is away
 * from it.
 */
final class Directions
{
    /** Of a move across the reference; left is positive. */
    public static function across(float $value): Message
    {
        return self::said($value >= 0 ? 'towards-left' : 'towards-right');
    }

    /** Of a move along the reference, with the target ahead of the car (`$ahead`) or behind it. */
    public static function along(float $value, bool $ahead): Message
    {
        return self::said(($value >= 0) === $ahead ? 'away' : 'towards');
    }

    /** Of a turn; anticlockwise seen from above is positive. */
    public static function turn(float $value): Message
    {
        return self::said($value >= 0 ? 'anticlockwise' : 'clockwise');
    }

    /** Of a height; upwards is positive. */
    public static function height(float $value): Message
    {
        return self::said($value >= 0 ? 'up' : 'down');
    }

    /** How a deviation is said beside its verdict. */
    public static function deviation(string $name, float $value, bool $ahead): Message
    {
        return self::said(match ($name) {
            'across' => $value >= 0 ? 'left' : 'right',
            'along' => ($value >= 0) === $ahead ? 'too-far' : 'too-near',
            'range' => $value >= 0 ? 'too-far' : 'too-near',
            // Seen from the sensor, anticlockwise is to the car's left ahead of it and to its right behind it.
            'bearing' => ($value >= 0) === $ahead ? 'left' : 'right',
            'yaw' => $value >= 0 ? 'turned-anticlockwise' : 'turned-clockwise',
            default => $value >= 0 ? 'too-high' : 'too-low',
        });
    }

    /**
     * Of an axis: azimuth is positive anticlockwise seen from above, which is to the car's left for a sensor that looks
     * ahead and to its right for one that looks back; elevation is positive upwards.
     */
    public static function axis(string $axis, float $value, bool $looksBack): Message
    {
        return $axis === 'azimuth' ? self::said(($value >= 0) !== $looksBack ? 'left' : 'right') : self::height($value);
    }

    /** A direction by its own name: "direction." and this. */
    public static function said(string $direction): Message
    {
        return Message::of("direction.$direction");
    }
}
