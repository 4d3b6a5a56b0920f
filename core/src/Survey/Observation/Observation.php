<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Failure\NoDirection;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/**
 * Something read off the set-up: one equation of the survey (the table in section 2 of the maths).
 *
 * The family is closed: each type stands in a class of its own and knows its equation and its derivatives.
 */
interface Observation
{
    /** Its name, unique in the network. */
    public function id(): string;

    /** What was read, in mm or radians; null for a reading that is only considered. */
    public function value(): ?float;

    /** Standard uncertainty of the reading, mm or radians. */
    public function s(): float;

    /** Whether the reading is an angle. */
    public function isAngle(): bool;

    /** The instrument whose shared errors it carries. */
    public function instrument(): ?string;

    /** 1, or −1 for a reading to the other side, which counts negative: what the instrument shows too much then makes it smaller. */
    public function zeroSense(): int;

    /**
     * The places of the unknowns that the reading depends on, instrument errors aside; one may come twice.
     *
     * @return list<int>
     */
    public function unknowns(Layout $layout): array;

    /**
     * What the reading would be at a state of the plan, instrument errors aside: mm or radians.
     *
     * @param list<float> $row receives the derivatives, in the order of unknowns()
     *
     * @throws NoDirection where the reading says nothing at this state
     */
    public function predict(Geometry $at, array &$row): float;
}
