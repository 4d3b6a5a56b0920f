<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Survey\Geometry;

/** From the middle of the rear hubs to the middle of the front hubs. */
final readonly class AxleLine implements ReferenceLine
{
    /**
     * @param array{string, string} $rear
     * @param array{string, string} $front
     */
    public function __construct(private array $rear, private array $front) {}

    public function origin(Geometry $at): array
    {
        return Middle::of($at, $this->rear);
    }

    public function heading(Geometry $at): Dual
    {
        return Direction::between(Middle::of($at, $this->rear), Middle::of($at, $this->front), '/reference', 'axles');
    }
}
