<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

/**
 * A rigid stand or bar: its origin in mm, its yaw in radians (anticlockwise from the vehicle's x axis), and the
 * points fixed to it in its own frame (x forward along its yaw, y left, z up along the true vertical).
 */
final readonly class Body
{
    /**
     * @param array<array-key, array{0: float, 1: float, 2?: float}> $points name → (x, y, z), mm in the body's frame; z 0 where it is left out
     * @param float|null $z    mm over the plane through the contact patches; null for a body in the plan
     * @param float|null $sz   its standard uncertainty, mm, > 0
     * @param float|null $lean how far its bubble may mislead, rad about each of the vehicle's axes, > 0; null for an exact one
     */
    public function __construct(
        public string $name,
        public float $x,
        public float $y,
        public float $yaw,
        public array $points = [],
        public ?float $sx = null,
        public ?float $sy = null,
        public ?float $syaw = null,
        public ?float $z = null,
        public ?float $sz = null,
        public ?float $lean = null,
    ) {}
}
