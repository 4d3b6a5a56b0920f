<?php

declare(strict_types=1);

namespace Lumbro\Core\Drive;

/** What a card asks of a learning drive, and under which conditions a second counts (need J32). */
final readonly class DriveRule
{
    /**
     * @param float      $slowest   km/h
     * @param float      $fastest   km/h, > $slowest
     * @param float      $turning   the car's heading may change by no more, degrees a second, > 0
     * @param float      $seconds   that must count in all, ≥ 0
     * @param float      $metres    that must count in all, ≥ 0
     * @param bool       $daylight  whether only daylight counts
     * @param float|null $glare     half-angle about straight ahead within which a low sun blinds, degrees; null where it does not matter
     */
    public function __construct(
        public float $slowest,
        public float $fastest,
        public float $turning,
        public float $seconds,
        public float $metres,
        public bool $daylight = false,
        public ?float $glare = null,
    ) {}
}
