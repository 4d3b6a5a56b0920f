<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec;

use Lumbro\Core\Failure\InvalidInput;

/** Closed outlines out of a DXF drawing: polylines and chains of lines, in mm. */
final class Dxf
{
    /** mm of a drawing unit, by the drawing's own code for it; a drawing that says none is in mm. */
    private const UNITS = [1 => 25.4, 2 => 304.8, 4 => 1.0, 5 => 10.0, 6 => 1000.0];

    /** Ends this near to each other meet, mm. */
    private const MEETS = 2.0;

    private const LONGEST = 4_000_000;
    private const CORNERS = 200;

    /**
     * @return non-empty-list<list<array{float, float}>> corners of each, the largest first
     *
     * @throws InvalidInput where it is no drawing, or has no closed outline
     */
    public static function outlines(string $text): array
    {
        if (strlen($text) > self::LONGEST) {
            throw InvalidInput::because('', 'dxf.too-long', ['most' => self::LONGEST]);
        }
        $pairs = self::pairs($text);
        $unit = self::unit($pairs);
        $outlines = [];
        $lines = [];
        foreach (self::entities($pairs) as [$kind, $codes]) {
            if ($kind === 'LINE') {
                $lines[] = [[self::number($codes, 10) * $unit, self::number($codes, 20) * $unit], [self::number($codes, 11) * $unit, self::number($codes, 21) * $unit]];
            } else {
                $corners = self::corners($codes, $unit);
                $closed = count($corners) > 3 && self::meet($corners[0], $corners[count($corners) - 1]);
                if ($closed) {
                    array_pop($corners);
                }
                if (count($corners) >= 3 && ($closed || ((int) (self::first($codes, 70) ?? 0) & 1) === 1)) {
                    $outlines[] = $corners;
                }
            }
        }
        $outlines = [...$outlines, ...self::chains($lines)];
        $outlines = array_values(array_filter($outlines, static fn(array $corners): bool => count($corners) <= self::CORNERS));
        if ($outlines === []) {
            throw InvalidInput::because('', 'dxf.no-outline');
        }
        usort($outlines, static fn(array $a, array $b): int => self::area($b) <=> self::area($a));

        return $outlines;
    }

    /** @return list<array{int, string}> group code and value */
    private static function pairs(string $text): array
    {
        $lines = preg_split('/\r\n|\r|\n/', $text) ?: [];
        $pairs = [];
        for ($i = 0; $i + 1 < count($lines); $i += 2) {
            $code = trim($lines[$i]);
            if (preg_match('/^-?\d{1,5}$/', $code) !== 1) {
                throw InvalidInput::because('', 'dxf.not-dxf', ['line' => $i + 1]);
            }
            $pairs[] = [(int) $code, trim($lines[$i + 1])];
        }
        if ($pairs === []) {
            throw InvalidInput::because('', 'dxf.empty');
        }

        return $pairs;
    }

    /** @param list<array{int, string}> $pairs */
    private static function unit(array $pairs): float
    {
        foreach ($pairs as $i => [$code, $value]) {
            if ($code === 9 && $value === '$INSUNITS') {
                return self::UNITS[(int) ($pairs[$i + 1][1] ?? 4)] ?? 1.0;
            }
        }

        return 1.0;
    }

    /**
     * Lines and polylines, each with its codes; the vertices of an old-style polyline are gathered into it.
     *
     * @param list<array{int, string}> $pairs
     *
     * @return list<array{string, list<array{int, string}>}>
     */
    private static function entities(array $pairs): array
    {
        $found = [];
        $open = null;
        $gathering = false;
        foreach ($pairs as [$code, $value]) {
            if ($code !== 0) {
                if ($open !== null) {
                    $open[1][] = [$code, $value];
                }
                continue;
            }
            if ($gathering && $value === 'VERTEX') {
                continue;
            }
            if ($open !== null) {
                $found[] = $open;
            }
            $gathering = $value === 'POLYLINE';
            $open = in_array($value, ['LINE', 'LWPOLYLINE', 'POLYLINE'], true) ? [$value, []] : null;
        }

        return $open === null ? $found : [...$found, $open];
    }

    /**
     * @param list<array{int, string}> $codes
     *
     * @return list<array{float, float}>
     */
    private static function corners(array $codes, float $unit): array
    {
        $corners = [];
        $x = null;
        foreach ($codes as [$code, $value]) {
            if ($code === 10) {
                $x = (float) $value * $unit;
            } elseif ($code === 20 && $x !== null) {
                $corners[] = [$x, (float) $value * $unit];
                $x = null;
            }
        }
        // An old-style polyline begins with a point of its own, which is no corner.
        if ($corners !== [] && $corners[0] === [0.0, 0.0] && self::first($codes, 66) !== null) {
            array_shift($corners);
        }

        return $corners;
    }

    /**
     * @param list<array{array{float, float}, array{float, float}}> $lines
     *
     * @return list<list<array{float, float}>>
     */
    private static function chains(array $lines): array
    {
        $ends = new LineEnds($lines, self::MEETS);
        $outlines = [];
        foreach ($lines as $i => [$start, $end]) {
            if (! $ends->take($i)) {
                continue;
            }
            $corners = [$start, $end];
            do {
                $next = $ends->from($end);
                if ($next !== null) {
                    $end = $next;
                    $corners[] = $next;
                }
            } while ($next !== null && ! self::meet($start, $end));
            if (count($corners) > 3 && self::meet($start, $end)) {
                array_pop($corners);
                $outlines[] = $corners;
            }
        }

        return $outlines;
    }

    /** @param list<array{int, string}> $codes */
    private static function first(array $codes, int $wanted): ?string
    {
        foreach ($codes as [$code, $value]) {
            if ($code === $wanted) {
                return $value;
            }
        }

        return null;
    }

    /** @param list<array{int, string}> $codes */
    private static function number(array $codes, int $wanted): float
    {
        return (float) (self::first($codes, $wanted) ?? 0);
    }

    /**
     * @param array{float, float} $a
     * @param array{float, float} $b
     */
    private static function meet(array $a, array $b): bool
    {
        return hypot($a[0] - $b[0], $a[1] - $b[1]) <= self::MEETS;
    }

    /** @param list<array{float, float}> $corners */
    private static function area(array $corners): float
    {
        $twice = 0.0;
        foreach ($corners as $i => [$x, $y]) {
            [$nx, $ny] = $corners[($i + 1) % count($corners)];
            $twice += $x * $ny - $nx * $y;
        }

        return abs($twice) / 2;
    }
}
