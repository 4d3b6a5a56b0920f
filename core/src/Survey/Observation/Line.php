<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;

/** The directed line P → Q that offsets and distances along it are read from. */
final readonly class Line
{
    public function __construct(public string $from, public string $to) {}

    /**
     * The line's unit vector and length, mm.
     *
     * @return array{float, float, float} (ux, uy, length); coincident ends have no direction and give zeros
     */
    public function direction(Geometry $at): array
    {
        $dx = $at->x[$this->to] - $at->x[$this->from];
        $dy = $at->y[$this->to] - $at->y[$this->from];
        $length = hypot($dx, $dy);

        return $length > 0 ? [$dx / $length, $dy / $length, $length] : [0.0, 0.0, 0.0];
    }

    /**
     * Adds the derivatives of a value whose change per change of the unit vector is (gx, gy).
     *
     * @param array<int, float> $row
     */
    public function traceDirection(Geometry $at, array &$row, float $gx, float $gy): void
    {
        [$ux, $uy, $length] = $this->direction($at);
        if ($length <= 0) {
            return;
        }
        // The unit vector only turns: what counts is the part of (gx, gy) along its left normal.
        $turn = (-$uy * $gx + $ux * $gy) / $length;
        $at->trace($row, $this->to, -$uy * $turn, $ux * $turn);
        $at->trace($row, $this->from, $uy * $turn, -$ux * $turn);
    }
}
