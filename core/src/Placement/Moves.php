<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

/**
 * What to do to the stand, in the order that needs no going back: turn about its origin (rad, anticlockwise
 * positive), then shift along (forward) and across (left) the reference, mm.
 */
final readonly class Moves
{
    /**
     * @param float $turn   rad
     * @param float $along  mm
     * @param float $across mm
     */
    public function __construct(public float $turn, public float $along, public float $across) {}
}
