<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** A drive that a sensor is owed. */
final readonly class OwedDrive
{
    /**
     * @param bool  $daylight whether only daylight counts
     * @param float $minutes  that it takes at least
     */
    public function __construct(public bool $daylight = false, public float $minutes = 0.0) {}
}
