<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Survey\Geometry;

/** The car's own axis, the x axis of the vehicle frame: exact by definition, marks and hubs are observations of it. */
final readonly class BodyAxis implements ReferenceLine
{
    public function origin(Geometry $at): array
    {
        return [Dual::constant(0.0), Dual::constant(0.0)];
    }

    public function heading(Geometry $at): Dual
    {
        return Dual::constant(0.0);
    }
}
