<?php

declare(strict_types=1);

namespace Lumbro\Words;

/** Figures as a reader sees them. The interface has the same in TypeScript; words/examples.json holds the two together. */
final readonly class Quantities
{
    public function __construct(private Reader $reader) {}

    /** A length without a sign, to the nearest sixteenth of an inch or with decimals where they are asked for. */
    public function length(float $millimetres, int $digits = 0): string
    {
        $size = abs($millimetres);
        if ($this->reader->unit === 'in') {
            return ($digits === 0 ? self::sixteenths($size) : $this->decimal($size / 25.4, $digits + 1)) . ' in';
        }

        return $this->decimal($size, $digits) . ' mm';
    }

    /** How far something may be off, mm: cut and not rounded, so that what is printed allows no more than what is meant. */
    public function limit(float $millimetres): string
    {
        [$size, $digits, $unit] = $this->reader->unit === 'in' ? [abs($millimetres) / 25.4, 2, 'in'] : [abs($millimetres), 1, 'mm'];
        // A hair's breadth more than a whole step is that step: 0.3 × 10 is a little under 3.
        $cut = floor($size * 10 ** $digits + 1e-9) / 10 ** $digits;
        $shown = $cut === floor($cut) ? 0 : $digits;

        return $this->decimal($cut, $shown) . " $unit";
    }

    /** An angle without a sign. */
    public function degrees(float $degrees, int $digits = 2): string
    {
        return $this->decimal(abs($degrees), $digits) . '°';
    }

    /** A number with a fixed count of decimals, thousands grouped. */
    public function decimal(float $value, int $digits): string
    {
        $text = number_format($value, $digits, $this->reader->decimal, $this->reader->decimal === '.' ? ',' : "\u{202f}");

        // Nothing is not below nothing.
        return preg_match('/^-[0.,]*$/', $text) === 1 ? substr($text, 1) : $text;
    }

    /** A number with as many decimals as it has, two at most, ungrouped. */
    public function plain(float $value): string
    {
        $text = number_format($value, 2, '.', '');

        return strtr(rtrim(rtrim($text, '0'), '.'), ['.' => $this->reader->decimal]);
    }

    /** A day and the time on the shop's wall. */
    public function moment(string $iso): string
    {
        return $this->zoned($iso)->format('j M Y, H:i');
    }

    /** A day of the calendar. */
    public function day(string $day): string
    {
        return (new \DateTimeImmutable($day))->format('j M Y');
    }

    /** The time on the shop's wall. */
    public function clock(string $iso): string
    {
        return $this->zoned($iso)->format('H:i');
    }

    private function zoned(string $iso): \DateTimeImmutable
    {
        return (new \DateTimeImmutable($iso))->setTimezone(new \DateTimeZone($this->reader->zone));
    }

    private static function sixteenths(float $millimetres): string
    {
        $all = (int) round($millimetres / 25.4 * 16);
        [$whole, $top, $bottom] = [intdiv($all, 16), $all % 16, 16];
        while ($top > 0 && $top % 2 === 0) {
            [$top, $bottom] = [intdiv($top, 2), intdiv($bottom, 2)];
        }

        return $top === 0 ? (string) $whole : ($whole === 0 ? "$top/$bottom" : "$whole $top/$bottom");
    }
}
