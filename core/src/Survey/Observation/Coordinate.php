<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/** One coordinate of a point in the vehicle frame, mm, as a rig reports it: the same equation as a prior's. */
final readonly class Coordinate extends LengthReading
{
    /**
     * @param bool       $sideways y rather than x
     * @param float|null $value    mm
     * @param float      $s        mm, > 0
     */
    public function __construct(string $id, private string $point, private bool $sideways, ?float $value, float $s)
    {
        parent::__construct($id, $value, $s);
    }

    public function unknowns(Layout $layout): array
    {
        return $layout->behind($this->point);
    }

    public function predict(Geometry $at, array &$row): float
    {
        $at->trace($row, $this->point, $this->sideways ? 0.0 : 1.0, $this->sideways ? 1.0 : 0.0);

        return $this->sideways ? $at->y[$this->point] : $at->x[$this->point];
    }
}
