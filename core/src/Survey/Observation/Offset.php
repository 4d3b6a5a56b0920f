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
     */
    public function __construct(
        string $id,
        private string $point,
        private Line $line,
        ?float $value,
        float $s,
        ?string $instrument = null,
    ) {
        parent::__construct($id, $value, $s, $instrument);
    }

    public function unknowns(Layout $layout): array
    {
        return [...$layout->behind($this->point), ...$this->line->unknowns($layout)];
    }

    public function predict(Geometry $at, array &$row): float
    {
        [$ux, $uy] = $direction = $this->line->direction($at);
        $dx = $at->x[$this->point] - $at->x[$this->line->from];
        $dy = $at->y[$this->point] - $at->y[$this->line->from];
        $at->trace($row, $this->point, -$uy, $ux);
        $this->line->trace($at, $row, $direction, $dy, -$dx, $uy, -$ux);

        return $ux * $dy - $uy * $dx;
    }
}
