<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/** The first heading less the second, rad, as a wheel-alignment sheet states it. */
final readonly class HeadingDifference extends AngleReading
{
    /**
     * @param float|null $value rad
     * @param float      $s     rad, > 0
     */
    public function __construct(string $id, private string $first, private string $second, ?float $value, float $s)
    {
        parent::__construct($id, $value, $s);
    }

    public function unknowns(Layout $layout): array
    {
        return [$layout->heading[$this->first], $layout->heading[$this->second]];
    }

    public function predict(Geometry $at, array &$row): float
    {
        $row[] = 1.0;
        $row[] = -1.0;

        return $this->nearReading($at->headingOf($this->first) - $at->headingOf($this->second));
    }
}
