<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Survey\Geometry;

/** The reference line's axes at a state of the plan: u along it, n to its left. */
final readonly class ReferenceFrame
{
    /** @param array{Dual, Dual} $origin */
    private function __construct(private array $origin, public Dual $heading, private Dual $cos, private Dual $sin) {}

    /** The axes of a reference line at a state of the plan. */
    public static function of(ReferenceLine $line, Geometry $at): self
    {
        $heading = $line->heading($at);

        return new self($line->origin($at), $heading, $heading->cos(), $heading->sin());
    }

    /**
     * The part of a vector along the line.
     *
     * @param array{Dual, Dual} $vector
     */
    public function along(array $vector): Dual
    {
        return $vector[0]->times($this->cos)->plus($vector[1]->times($this->sin));
    }

    /**
     * The part of a vector across the line, left positive.
     *
     * @param array{Dual, Dual} $vector
     */
    public function across(array $vector): Dual
    {
        return $vector[1]->times($this->cos)->minus($vector[0]->times($this->sin));
    }

    /**
     * A point's foot on the line.
     *
     * @param array{Dual, Dual} $point
     *
     * @return array{Dual, Dual}
     */
    public function foot(array $point): array
    {
        $along = $this->along([$point[0]->minus($this->origin[0]), $point[1]->minus($this->origin[1])]);

        return [
            $this->origin[0]->plus($along->times($this->cos)),
            $this->origin[1]->plus($along->times($this->sin)),
        ];
    }

    /**
     * A point moved along and across, mm.
     *
     * @param array{Dual, Dual} $point
     *
     * @return array{Dual, Dual}
     */
    public function shifted(array $point, float $along, float $across): array
    {
        return [
            $point[0]->plus($this->cos->scaled($along))->minus($this->sin->scaled($across)),
            $point[1]->plus($this->sin->scaled($along))->plus($this->cos->scaled($across)),
        ];
    }
}
