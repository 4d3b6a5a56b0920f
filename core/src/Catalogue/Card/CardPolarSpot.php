<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

/** Where a card wants the target by range (mm) and bearing (degrees, as the vehicle frame turns) from the sensor. */
final readonly class CardPolarSpot
{
    /**
     * @param float|null $toleranceRange   mm, half-width; null where the card gives none, as for the others
     * @param float|null $toleranceBearing degrees
     * @param float|null $toleranceHeight  mm
     * @param bool       $level            level with the sensor's middle, whatever height that has on this car
     * @param float      $tilt             of a plate, degrees, its top towards the sensor positive
     */
    public function __construct(
        public float $range,
        public float $bearing,
        public float $height,
        public string $heightDatum,
        public ?float $toleranceRange,
        public ?float $toleranceBearing,
        public ?float $toleranceHeight,
        public string $datum = 'sensor-face',
        public bool $level = false,
        public float $tilt = 0.0,
    ) {}

    /** The same for the sensor on the car's other side. */
    public function mirrored(): self
    {
        return $this->with(-$this->bearing, $this->height);
    }

    /** The same with the target's height as it follows from this car, mm. */
    public function atHeight(float $height): self
    {
        return $this->with($this->bearing, $height);
    }

    private function with(float $bearing, float $height): self
    {
        return new self(
            $this->range,
            $bearing,
            $height,
            $this->heightDatum,
            $this->toleranceRange,
            $this->toleranceBearing,
            $this->toleranceHeight,
            $this->datum,
            $this->level,
            $this->tilt,
        );
    }
}
