<?php

declare(strict_types=1);

namespace Lumbro\Core\Echo;

/** An obstacle that reaches into a zone that must be kept clear: where a sensor sees the part inside. */
final readonly class Intrusion
{
    /**
     * @param string     $obstacle    its name
     * @param string     $purpose     of the zone
     * @param float      $nearest     range of its nearest part inside the zone from the sensor, mm
     * @param float      $farthest    of its farthest part inside, mm
     * @param float|null $bearing     of the nearest part, degrees anticlockwise from the vehicle's x axis; null at the sensor itself
     * @param bool       $inRangeCell whether the sensor cannot tell it from the target by range
     */
    public function __construct(
        public string $obstacle,
        public string $purpose,
        public float $nearest,
        public float $farthest,
        public ?float $bearing,
        public bool $inRangeCell,
    ) {}
}
