<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

/**
 * A named point, mm in the vehicle frame: of the plan, or in space where it has a height over the wheels' plane. A
 * coordinate with a standard uncertainty is a prior observation of it; one without is only where the search starts. Both
 * of the plan, or the height, may be exact: with 0 they are no unknowns at all.
 */
final readonly class SurveyPoint
{
    /**
     * @param float      $x  mm
     * @param float      $y  mm
     * @param float|null $sx standard uncertainty, mm, ≥ 0; null for a coordinate that is only a guess
     * @param float|null $sy the same across
     * @param float|null $z  mm over the plane through the contact patches; null for a place in the plan
     * @param float|null $sz its standard uncertainty, mm, ≥ 0
     */
    public function __construct(
        public string $name,
        public float $x,
        public float $y,
        public ?float $sx = null,
        public ?float $sy = null,
        public ?float $z = null,
        public ?float $sz = null,
    ) {}
}
