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
     * @param float|null $height  mm, ≥ 0
     * @param float|null $elevation rad, ≥ 0
     */
    public function __construct(
        public ?float $along = null,
        public ?float $across = null,
        public ?float $yaw = null,
        public ?float $bearing = null,
        public ?float $range = null,
        public ?float $height = null,
        public ?float $elevation = null,
    ) {}

    /** That of a deviation by its name. */
    public function of(string $name): ?float
    {
        return match ($name) {
            'along' => $this->along,
            'across' => $this->across,
            'yaw' => $this->yaw,
            'range' => $this->range,
            'height' => $this->height,
            'elevation' => $this->elevation,
            default => $this->bearing,
        };
    }
}
