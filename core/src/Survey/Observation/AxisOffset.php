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
     * @param bool       $other whether it is read to the side that counts negative
     * @param bool       $plumbed whether body and point are both in space: the laser's fan stands upright
     */
    public function __construct(
        string $id,
        private string $body,
        private string $point,
        ?float $value,
        float $s,
        ?string $instrument = null,
        private bool $plumbed = false,
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
        return [...$layout->behindPlan($this->point, $this->plumbed), ...$layout->behindPlan($this->body, $this->plumbed), $layout->yaw[$this->body]];
    }

    public function predict(Geometry $at, array &$row): float
    {
        $cos = cos($at->yaw[$this->body]);
        $sin = sin($at->yaw[$this->body]);
        [$px, $py] = $at->plan($this->point, $this->plumbed);
        [$cx, $cy] = $at->plan($this->body, $this->plumbed);
        $dx = $px - $cx;
        $dy = $py - $cy;
        $at->tracePlan($row, $this->point, $this->plumbed, -$sin, $cos);
        $at->tracePlan($row, $this->body, $this->plumbed, $sin, -$cos);
        $row[] = -$sin * $dy - $cos * $dx;

        return $cos * $dy - $sin * $dx;
    }
}
