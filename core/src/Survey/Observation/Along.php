<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/** How far T lies along the directed line P → Q from the foot of an origin O, mm: u · (T − O). */
final readonly class Along extends LengthReading
{
    /**
     * @param string     $origin point the distance is counted from
     * @param float|null $value  mm, in the line's direction positive
     * @param float      $s      mm, > 0
     */
    public function __construct(
        string $id,
        private string $point,
        private Line $line,
        private string $origin,
        ?float $value,
        float $s,
        ?string $instrument = null,
    ) {
        parent::__construct($id, $value, $s, $instrument);
    }

    public function unknowns(Layout $layout): array
    {
        return [...$layout->behindPlan($this->point, $this->line->plumbed), ...$layout->behindPlan($this->origin, $this->line->plumbed), ...$this->line->unknowns($layout)];
    }

    public function predict(Geometry $at, array &$row): float
    {
        [$ux, $uy] = $direction = $this->line->direction($at);
        [$dx, $dy] = $this->line->from($at, $this->origin, $this->point);
        $at->tracePlan($row, $this->point, $this->line->plumbed, $ux, $uy);
        $at->tracePlan($row, $this->origin, $this->line->plumbed, -$ux, -$uy);
        $this->line->trace($at, $row, $direction, $dx, $dy);

        return $ux * $dx + $uy * $dy;
    }
}
