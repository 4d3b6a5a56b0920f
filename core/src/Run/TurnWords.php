<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

/** Turns of a screw as a person says them: "one and a quarter turns anticlockwise". */
final class TurnWords
{
    private const QUARTERS = [1 => 'a quarter', 2 => 'half', 3 => 'three quarters'];

    private const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];

    /** @param float $turns clockwise positive, as seen by whoever faces the screw's head */
    public static function of(float $turns): string
    {
        $quarters = (int) round(abs($turns) * 4);
        if ($turns === 0.0) {
            return 'not at all';
        }
        [$whole, $part] = [intdiv($quarters, 4), abs($quarters % 4)];
        $amount = match (true) {
            // Not in quarters: the figure itself.
            abs(abs($turns) * 4 - $quarters) > 1e-6 => rtrim(rtrim(sprintf('%.2f', abs($turns)), '0'), '.') . ' turns',
            $whole === 0 => $part === 2 ? 'half a turn' : self::QUARTERS[$part] . ' of a turn',
            $part === 0 => self::number($whole) . ($whole === 1 ? ' turn' : ' turns'),
            default => self::number($whole) . ' and ' . ($part === 2 ? 'a half' : self::QUARTERS[$part]) . ' turns',
        };

        return $amount . ($turns > 0 ? ' clockwise' : ' anticlockwise');
    }

    private static function number(int $whole): string
    {
        return self::NUMBERS[$whole] ?? (string) $whole;
    }
}
