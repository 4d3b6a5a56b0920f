<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

/** The yaw a procedure wants of the stand: a fixed angle from the reference (rad), or aimed at a point. */
final readonly class Facing
{
    private function __construct(public ?float $yaw, public ?string $aimAt) {}

    /** A fixed yaw from the reference's direction, anticlockwise positive. */
    public static function yaw(float $radians): self
    {
        return new self($radians, null);
    }

    /** Aimed from the required spot at a named point. */
    public static function aimedAt(string $point): self
    {
        return new self(null, $point);
    }
}
