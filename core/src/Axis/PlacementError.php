<?php

declare(strict_types=1);

namespace Lumbro\Core\Axis;

/** By how much the target's true bearing exceeds the specified one on one axis, degrees, with its uncertainty. */
final readonly class PlacementError
{
    /**
     * @param float $deviation   degrees; true less specified
     * @param float $uncertainty standard, degrees, ≥ 0
     */
    public function __construct(public float $deviation, public float $uncertainty) {}
}
