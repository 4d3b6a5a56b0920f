<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

/**
 * What to do to the stand, in the order that needs no going back: turn about its origin (rad, anticlockwise
 * positive), then shift along (forward) and across (left) the reference, mm, then raise it where a height is wanted.
 */
final readonly class Moves
{
    /**
     * @param float $turn   rad
     * @param float $along  mm
     * @param float $across mm
     * @param float|null $height mm, upwards; null where no height is wanted
     */
    public function __construct(public float $turn, public float $along, public float $across, public ?float $height = null) {}
}
