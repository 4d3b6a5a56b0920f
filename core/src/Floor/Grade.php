<?php

declare(strict_types=1);

namespace Lumbro\Core\Floor;

/** How the floor rises along a direction, degrees, with its standard uncertainty. */
final readonly class Grade
{
    /**
     * @param float $value       degrees, rising positive
     * @param float $uncertainty standard, degrees
     */
    public function __construct(public float $value, public float $uncertainty) {}
}
