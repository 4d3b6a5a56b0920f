<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/**
 * How far T lies off a body's x axis, mm, left positive: cross(u, T − C) with u = (cos ψ, sin ψ).
 * A laser on the stand that splits a mark reads 0.
 */
final readonly class AxisOffset extends LengthReading
{
    /**
     * @param float|null $value mm, left of the body's x axis positive
     * @param float      $s     mm, > 0
     */
    public function __construct(
        string $id,
        private string $body,
        private string $point,
        ?float $value,
        float $s,
        ?string $instrument = null,
    ) {
        parent::__construct($id, $value, $s, $instrument);
    }

    public function unknowns(Layout $layout): array
    {
        return [...$layout->behind($this->point), ...$layout->behind($this->body), $layout->yaw[$this->body]];
    }

    public function predict(Geometry $at, array &$row): float
    {
        $cos = cos($at->yaw[$this->body]);
        $sin = sin($at->yaw[$this->body]);
        $dx = $at->x[$this->point] - $at->x[$this->body];
        $dy = $at->y[$this->point] - $at->y[$this->body];
        $at->trace($row, $this->point, -$sin, $cos);
        $at->trace($row, $this->body, $sin, -$cos);
        $row[] = -$sin * $dy - $cos * $dx;

        return $cos * $dy - $sin * $dx;
    }
}
