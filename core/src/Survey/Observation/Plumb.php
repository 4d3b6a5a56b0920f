<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/** A bob hung from one point down to another: how far beside the lower one it ends, along one axis (maths, section 2.2). */
final readonly class Plumb extends LengthReading
{
    /**
     * @param string     $from     point in space that the line hangs from
     * @param string     $to       point in space at whose height it ends
     * @param bool       $sideways along y rather than x
     * @param float|null $value    mm
     * @param float      $s        mm, > 0
     */
    public function __construct(string $id, private string $from, private string $to, private bool $sideways, ?float $value, float $s, ?string $instrument = null)
    {
        parent::__construct($id, $value, $s, $instrument);
    }

    public function unknowns(Layout $layout): array
    {
        return [...$layout->behindPlan($this->from, true), ...$layout->behindPlan($this->to, true)];
    }

    public function predict(Geometry $at, array &$row): float
    {
        $axis = $this->sideways ? 1 : 0;
        $at->tracePlan($row, $this->from, true, 1 - $axis, $axis);
        $at->tracePlan($row, $this->to, true, $axis - 1, -$axis);

        return $at->plan($this->from, true)[$axis] - $at->plan($this->to, true)[$axis];
    }
}
