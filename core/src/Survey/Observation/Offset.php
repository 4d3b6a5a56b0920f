<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;

/** How far T lies off the directed line P → Q, mm; left of the line is positive: cross(u, T − P). */
final readonly class Offset extends LengthReading
{
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

    public function predict(Geometry $at, array &$row): float
    {
        [$ux, $uy] = $this->line->direction($at);
        $dx = $at->x[$this->point] - $at->x[$this->line->from];
        $dy = $at->y[$this->point] - $at->y[$this->line->from];
        $at->trace($row, $this->point, -$uy, $ux);
        $at->trace($row, $this->line->from, $uy, -$ux);
        $this->line->traceDirection($at, $row, $dy, -$dx);

        return $ux * $dy - $uy * $dx;
    }
}
