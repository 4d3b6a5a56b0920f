<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;

/**
 * Something read off the set-up: one equation of the survey (the table in section 2 of the maths).
 *
 * The family is closed: each type stands in a class of its own and knows its equation and its derivatives.
 */
interface Observation
{
    public function id(): string;

    /** What was read, in mm or radians; null for a reading that is only considered. */
    public function value(): ?float;

    /** Standard uncertainty of the reading, mm or radians. */
    public function s(): float;

    /** Whether the reading is an angle. */
    public function isAngle(): bool;

    /** The instrument whose shared errors it carries. */
    public function instrument(): ?string;

    /**
     * What the reading would be at a state of the plan, instrument errors aside.
     *
     * @param array<int, float> $row receives the derivatives, unknown's place → derivative
     */
    public function predict(Geometry $at, array &$row): float;
}
