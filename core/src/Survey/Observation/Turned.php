<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/** A body's yaw in the vehicle frame, rad, as a rig reports it: the same equation as a prior's. */
final readonly class Turned extends AngleReading
{
    /**
     * @param float|null $value rad, anticlockwise positive
     * @param float      $s     rad, > 0
     */
    public function __construct(string $id, private string $body, ?float $value, float $s)
    {
        parent::__construct($id, $value, $s);
    }

    public function unknowns(Layout $layout): array
    {
        return [$layout->yaw[$this->body]];
    }

    public function predict(Geometry $at, array &$row): float
    {
        $row[] = 1.0;

        return $this->nearReading($at->yaw[$this->body]);
    }
}
