<?php

declare(strict_types=1);

namespace Lumbro\Core\Drive;

/** Where the car was at a moment. */
final readonly class TrackPoint
{
    /**
     * @param float $at        seconds since 1970-01-01 00:00 UTC
     * @param float $latitude  degrees, north positive
     * @param float $longitude degrees, east positive
     */
    public function __construct(public float $at, public float $latitude, public float $longitude) {}
}
