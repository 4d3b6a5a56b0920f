<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;

/** The direction of T seen from a body's origin, rad from the body's own x axis, wrapped to the reading. */
final readonly class RelativeBearing extends AngleReading
{
    public function __construct(string $id, private string $body, private string $point, ?float $value, float $s)
    {
        parent::__construct($id, $value, $s);
    }

    public function predict(Geometry $at, array &$row): float
    {
        $dx = $at->x[$this->point] - $at->x[$this->body];
        $dy = $at->y[$this->point] - $at->y[$this->body];
        $square = $dx * $dx + $dy * $dy;
        if ($square > 0) {
            $at->trace($row, $this->point, -$dy / $square, $dx / $square);
            $at->trace($row, $this->body, $dy / $square, -$dx / $square);
        }
        $at->traceYaw($row, $this->body, -1.0);

        return $this->nearReading(atan2($dy, $dx) - $at->yaw[$this->body]);
    }
}
