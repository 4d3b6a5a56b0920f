<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

/** Where the card wants the target, from the front mark: mm, the stand's yaw in degrees; tolerances are half-widths, null where the card gives none. */
final readonly class CardSpot
{
    /**
     * @param float  $along       mm, forward positive
     * @param float  $across      mm, left positive
     * @param float  $yaw         of the stand from the reference, degrees
     * @param float  $height      mm over the floor, to the datum
     * @param string $heightDatum a place on the target's drawing
     * @param bool   $level       level with the sensor's middle, whatever height that has on this car
     * @param float  $tilt        of a plate, degrees, its top towards the sensor positive
     */
    public function __construct(
        public float $along,
        public float $across,
        public float $yaw,
        public float $height,
        public string $heightDatum,
        public ?float $toleranceAlong,
        public ?float $toleranceAcross,
        public ?float $toleranceYaw,
        public ?float $toleranceHeight,
        public string $datum = 'front-mark',
        public bool $level = false,
        public float $tilt = 0.0,
    ) {}

    /** The same for the sensor on the car's other side. */
    public function mirrored(): self
    {
        return $this->with(-$this->across, -$this->yaw, $this->height);
    }

    /** The same with the target's height as it follows from this car, mm. */
    public function atHeight(float $height): self
    {
        return $this->with($this->across, $this->yaw, $height);
    }

    private function with(float $across, float $yaw, float $height): self
    {
        return new self(
            $this->along,
            $across,
            $yaw,
            $height,
            $this->heightDatum,
            $this->toleranceAlong,
            $this->toleranceAcross,
            $this->toleranceYaw,
            $this->toleranceHeight,
            $this->datum,
            $this->level,
            $this->tilt,
        );
    }
}
