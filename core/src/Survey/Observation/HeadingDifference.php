<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;

/** The first heading less the second, rad, as a wheel-alignment sheet states it. */
final readonly class HeadingDifference extends AngleReading
{
    public function __construct(string $id, private string $first, private string $second, ?float $value, float $s)
    {
        parent::__construct($id, $value, $s);
    }

    public function predict(Geometry $at, array &$row): float
    {
        $at->traceHeading($row, $this->first, 1.0);
        $at->traceHeading($row, $this->second, -1.0);

        return $this->nearReading($at->headingOf($this->first) - $at->headingOf($this->second));
    }
}
