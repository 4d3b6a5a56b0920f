<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;

/**
 * Where a beam from P with heading α lights a body's y axis, mm left of the body's origin (its own left):
 * s = cross(e, P − C) / cross(e, v), e = (cos α, sin α), v = (−sin ψ, cos ψ).
 */
final readonly class Beam extends LengthReading
{
    public function __construct(
        string $id,
        private string $from,
        private string $heading,
        private string $body,
        ?float $value,
        float $s,
        ?string $instrument = null,
    ) {
        parent::__construct($id, $value, $s, $instrument);
    }

    public function predict(Geometry $at, array &$row): float
    {
        $a = $at->headingOf($this->heading);
        [$ex, $ey] = [cos($a), sin($a)];
        [$vx, $vy] = [-sin($at->yaw[$this->body]), cos($at->yaw[$this->body])];
        $dx = $at->x[$this->from] - $at->x[$this->body];
        $dy = $at->y[$this->from] - $at->y[$this->body];
        $across = $ex * $vy - $ey * $vx;
        if (abs($across) < 1e-9) {
            // The beam runs along the bar and lights no place on it.
            return 0.0;
        }
        $s = ($ex * $dy - $ey * $dx) / $across;
        $at->trace($row, $this->from, -$ey / $across, $ex / $across);
        $at->trace($row, $this->body, $ey / $across, -$ex / $across);
        // d(e)/dα = l = (−ey, ex); d(v)/dψ = (−vy, vx).
        $at->traceHeading($row, $this->heading, ((-$ey * $dy - $ex * $dx) - $s * (-$ey * $vy - $ex * $vx)) / $across);
        $at->traceYaw($row, $this->body, -$s * ($ex * $vx + $ey * $vy) / $across);

        return $s;
    }
}
