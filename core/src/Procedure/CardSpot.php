<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

/** Where the card wants the target, from the front mark: mm, the stand's yaw in degrees; tolerances are half-widths, null where the card gives none. */
final readonly class CardSpot
{
    /**
     * @param float  $along       mm, forward positive
     * @param float  $across      mm, left positive
     * @param float  $yaw         of the stand from the reference, degrees
     * @param float  $height      mm over the floor, to the datum
     * @param string $heightDatum a place on the target's drawing
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
    ) {}

    /** The same for the sensor on the car's other side. */
    public function mirrored(): self
    {
        return new self(
            $this->along,
            -$this->across,
            -$this->yaw,
            $this->height,
            $this->heightDatum,
            $this->toleranceAlong,
            $this->toleranceAcross,
            $this->toleranceYaw,
            $this->toleranceHeight,
            $this->datum,
        );
    }
}
