<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Survey\Geometry;

/** Through the middle of two hubs, along the mean of two wheels' headings. */
final readonly class ThrustLine implements ReferenceLine
{
    /**
     * @param array{string, string} $through  hubs
     * @param array{string, string} $headings wheels
     */
    public function __construct(private array $through, private array $headings) {}

    public function origin(Geometry $at): array
    {
        return Middle::of($at, $this->through);
    }

    public function heading(Geometry $at): Dual
    {
        $a = $at->heading($this->headings[0]);
        $b = $at->heading($this->headings[1]);
        // The mean of two directions lies half their difference from the first, whichever way they wrap.
        $half = $b->minus($a);

        return $a->plus((new Dual(Angle::wrap($half->value), $half->gradient))->scaled(0.5));
    }
}
