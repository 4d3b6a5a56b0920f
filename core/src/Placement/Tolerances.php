<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

/** Half-widths: along, across and range in mm, yaw and bearing in radians; null where the card states none. */
final readonly class Tolerances
{
    /**
     * @param float|null $along   mm, ≥ 0
     * @param float|null $across  mm, ≥ 0
     * @param float|null $yaw     rad, ≥ 0
     * @param float|null $bearing rad, ≥ 0
     * @param float|null $range   mm, ≥ 0; of polar spots
     */
    public function __construct(
        public ?float $along = null,
        public ?float $across = null,
        public ?float $yaw = null,
        public ?float $bearing = null,
        public ?float $range = null,
    ) {}
}
