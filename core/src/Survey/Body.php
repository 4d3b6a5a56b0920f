<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

/**
 * A rigid stand or bar: its origin in mm, its yaw in radians (anticlockwise from the vehicle's x axis), and the
 * points fixed to it in its own frame (x forward along its yaw, y left).
 */
final readonly class Body
{
    /** @param array<array-key, array{float, float}> $points name → (x, y), mm in the body's frame */
    public function __construct(
        public string $name,
        public float $x,
        public float $y,
        public float $yaw,
        public array $points = [],
        public ?float $sx = null,
        public ?float $sy = null,
        public ?float $syaw = null,
    ) {}
}
