<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

/** Where a procedure wants the target: Cartesian from a datum along and across the reference, or polar from it. */
interface Spot
{
    /** The point the spot is measured from. */
    public function datum(): string;
}
