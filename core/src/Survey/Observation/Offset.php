<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/** How far T lies off the directed line P → Q, mm; left of the line is positive: cross(u, T − P). */
final readonly class Offset extends LengthReading
{
    /**
     * @param float|null $value mm, left of the line positive
     * @param float      $s     mm, > 0
     * @param bool       $other whether it is read to the side that counts negative
     */
    public function __construct(
        string $id,
        private string $point,
        private Line $line,
        ?float $value,
        float $s,
        ?string $instrument = null,
        private bool $other = false,
    ) {
        parent::__construct($id, $value, $s, $instrument);
    }

    public function zeroSense(): int
    {
        return $this->other ? -1 : 1;
    }

    public function unknowns(Layout $layout): array
    {
        return [...$layout->behindPlan($this->point, $this->line->plumbed), ...$this->line->unknowns($layout)];
    }

    public function predict(Geometry $at, array &$row): float
    {
        [$ux, $uy] = $direction = $this->line->direction($at);
        [$dx, $dy] = $this->line->from($at, $this->line->from, $this->point);
        $at->tracePlan($row, $this->point, $this->line->plumbed, -$uy, $ux);
        $this->line->trace($at, $row, $direction, $dy, -$dx, $uy, -$ux);

        return $ux * $dy - $uy * $dx;
    }
}
