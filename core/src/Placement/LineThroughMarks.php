<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Survey\Geometry;

/** The line through two marks, such as plumb marks under the emblems. */
final readonly class LineThroughMarks implements ReferenceLine
{
    /**
     * @param string $from rear point
     * @param string $to   front point
     */
    public function __construct(private string $from, private string $to) {}

    public function origin(Geometry $at): array
    {
        return $at->point($this->from);
    }

    public function heading(Geometry $at): Dual
    {
        return Direction::between($at->point($this->from), $at->point($this->to), '/reference', 'reference');
    }
}
