<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

/** The sensor's surveyed point and, where the card knows it, its design place, mm: along from a datum's foot on
 * the reference, and across the reference. */
final readonly class SensorPlace
{
    /**
     * @param array{from: string, along: float, across: float}|null $design
     * @param float|null $designHeight mm over the wheels' plane, by the drawing
     */
    public function __construct(public string $point, public ?array $design = null, public ?float $designHeight = null) {}
}
