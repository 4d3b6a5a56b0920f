<?php

declare(strict_types=1);

namespace Lumbro\Core\Axis;

/** By how much the target's true bearing exceeds the specified one on one axis, degrees, with its uncertainty. */
final readonly class PlacementError
{
    /**
     * @param float $deviation   degrees; true less specified
     * @param float $uncertainty standard, degrees, ≥ 0
     * @param float|null $hidden how far one slip could have carried it unseen, degrees, ≥ 0; null where nothing bounds it or nobody knows
     */
    public function __construct(public float $deviation, public float $uncertainty, public ?float $hidden = null) {}
}
