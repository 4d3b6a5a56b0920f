<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

/** So far (mm) from a datum point under a bearing (rad, anticlockwise from the reference). */
final readonly class PolarSpot implements Spot
{
    /**
     * @param string $datum   named point
     * @param float  $range   mm, > 0
     * @param float  $bearing β, rad, anticlockwise from the reference's direction
     */
    public function __construct(private string $datum, public float $range, public float $bearing) {}

    public function datum(): string
    {
        return $this->datum;
    }
}
