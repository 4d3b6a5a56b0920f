<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Survey\Geometry;

/** The point half-way between two others. */
final class Middle
{
    /**
     * @param array{string, string} $points
     *
     * @return array{Dual, Dual} mm
     */
    public static function of(Geometry $at, array $points): array
    {
        [$ax, $ay] = $at->point($points[0]);
        [$bx, $by] = $at->point($points[1]);

        return [$ax->plus($bx)->scaled(0.5), $ay->plus($by)->scaled(0.5)];
    }
}
