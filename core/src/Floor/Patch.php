<?php

declare(strict_types=1);

namespace Lumbro\Core\Floor;

/** A staff reading under the level laser plane at a place in the vehicle frame, mm. A larger reading is a lower floor. */
final readonly class Patch
{
    /**
     * @param float $x       mm
     * @param float $y       mm
     * @param float $reading of the staff, mm
     */
    public function __construct(public string $name, public float $x, public float $y, public float $reading) {}
}
