<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Failure\NoDirection;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/**
 * Where a beam from P with heading α lights a body's y axis, mm left of the body's origin (its own left):
 * s = cross(e, P − C) / cross(e, v), e = (cos α, sin α), v = (−sin ψ, cos ψ).
 */
final readonly class Beam extends LengthReading
{
    /**
     * @param string     $from    point the beam starts from
     * @param string     $heading its direction
     * @param string     $body    whose y axis carries the scale
     * @param float|null $value   mm, to the body's own left positive
     * @param float      $s       mm, > 0
     */
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

    public function unknowns(Layout $layout): array
    {
        return [...$layout->behind($this->from), ...$layout->behind($this->body), $layout->heading[$this->heading], $layout->yaw[$this->body]];
    }

    public function predict(Geometry $at, array &$row): float
    {
        $a = $at->headingOf($this->heading);
        [$ex, $ey] = [cos($a), sin($a)];
        [$vx, $vy] = [-sin($at->yaw[$this->body]), cos($at->yaw[$this->body])];
        $dx = $at->x[$this->from] - $at->x[$this->body];
        $dy = $at->y[$this->from] - $at->y[$this->body];
        $across = $ex * $vy - $ey * $vx;
        if (abs($across) < self::PARALLEL) {
            throw NoDirection::alongTheBar($this->body);
        }
        $s = ($ex * $dy - $ey * $dx) / $across;
        $at->trace($row, $this->from, -$ey / $across, $ex / $across);
        $at->trace($row, $this->body, $ey / $across, -$ex / $across);
        // d(e)/dα = l = (−ey, ex); d(v)/dψ = (−vy, vx).
        $row[] = ((-$ey * $dy - $ex * $dx) - $s * (-$ey * $vy - $ex * $vx)) / $across;
        $row[] = -$s * ($ex * $vx + $ey * $vy) / $across;

        return $s;
    }
}
