<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec;

use Lumbro\Core\Catalogue\Bay\Bay;

/** A bay's floor plan as a file for other programs: a picture to scale, or a drawing with a layer for each sort of thing. */
final class FloorPlanFile
{
    /** Around the outline in the picture, mm. */
    private const MARGIN = 400.0;

    /** Its paper scale: 1 mm on paper is this many mm on the floor. */
    private const SCALE = 50.0;

    /** A picture at 1:50, x to the right and y up. */
    public static function svg(Bay $bay): string
    {
        [$xs, $ys] = [array_column($bay->outline, 0), array_column($bay->outline, 1)];
        [$left, $top] = [min($xs ?: [0.0]) - self::MARGIN, max($ys ?: [0.0]) + self::MARGIN];
        [$width, $height] = [max($xs ?: [0.0]) + self::MARGIN - $left, $top - min($ys ?: [0.0]) + self::MARGIN];
        $text = static fn(string $words): string => htmlspecialchars($words, ENT_XML1 | ENT_QUOTES);
        $parts = [sprintf('<polygon points="%s" fill="none" stroke="#222" stroke-width="40"/>', self::points($bay->outline, $left, $top))];
        if ($bay->levelZone !== null) {
            $parts[] = sprintf('<polygon points="%s" fill="none" stroke="#2a7" stroke-width="20" stroke-dasharray="120 80"><title>level zone</title></polygon>', self::points($bay->levelZone, $left, $top));
        }
        foreach ($bay->obstacles as $obstacle) {
            [$x, $y] = $obstacle->corners[0];
            $parts[] = sprintf('<polygon points="%s" fill="#ccc" stroke="#222" stroke-width="20"/>', self::points($obstacle->corners, $left, $top));
            $parts[] = sprintf('<text x="%.1f" y="%.1f" font-size="160" font-family="sans-serif">%s</text>', $x - $left, $top - $y - 60, $text($obstacle->name));
        }
        $parts[] = sprintf('<text x="%1$.1f" y="220" font-size="200" font-family="sans-serif">%2$s, 1:%3$d, mm</text>', self::MARGIN, $text($bay->name), self::SCALE);

        return sprintf(
            "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.2fmm\" height=\"%.2fmm\" viewBox=\"0 0 %.1f %.1f\">\n%s\n</svg>\n",
            $width / self::SCALE,
            $height / self::SCALE,
            $width,
            $height,
            implode("\n", $parts),
        );
    }

    /** A drawing in mm: outline, obstacles and level zone as closed polylines on layers of their own. */
    public static function dxf(Bay $bay): string
    {
        $lines = ['0', 'SECTION', '2', 'HEADER', '9', '$ACADVER', '1', 'AC1015', '9', '$INSUNITS', '70', '4', '0', 'ENDSEC', '0', 'SECTION', '2', 'ENTITIES'];
        array_push($lines, ...self::polyline('OUTLINE', $bay->outline));
        foreach ($bay->obstacles as $obstacle) {
            array_push($lines, ...self::polyline('OBSTACLES', $obstacle->corners));
        }
        if ($bay->levelZone !== null) {
            array_push($lines, ...self::polyline('LEVEL', $bay->levelZone));
        }

        return implode("\n", [...$lines, '0', 'ENDSEC', '0', 'EOF']) . "\n";
    }

    /** @param list<array{float, float}> $corners */
    private static function points(array $corners, float $left, float $top): string
    {
        return implode(' ', array_map(static fn(array $corner): string => sprintf('%.1f,%.1f', $corner[0] - $left, $top - $corner[1]), $corners));
    }

    /**
     * @param list<array{float, float}> $corners
     *
     * @return list<string>
     */
    private static function polyline(string $layer, array $corners): array
    {
        $lines = ['0', 'LWPOLYLINE', '8', $layer, '90', (string) count($corners), '70', '1'];
        foreach ($corners as [$x, $y]) {
            array_push($lines, '10', sprintf('%.3f', $x), '20', sprintf('%.3f', $y));
        }

        return $lines;
    }
}
