<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Survey\Geometry;

/** The line a procedure measures from, pointing forward (maths, section 3). */
interface ReferenceLine
{
    /**
     * A point the line goes through.
     *
     * @return array{Dual, Dual} mm
     */
    public function origin(Geometry $at): array;

    /** The line's direction, rad from the vehicle's x axis. */
    public function heading(Geometry $at): Dual;
}
