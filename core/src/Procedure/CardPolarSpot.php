<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

/** Where a card wants the target by range (mm) and bearing (degrees, as the vehicle frame turns) from the sensor. */
final readonly class CardPolarSpot
{
    /**
     * @param float|null $toleranceRange   mm, half-width; null where the card gives none, as for the others
     * @param float|null $toleranceBearing degrees
     * @param float|null $toleranceHeight  mm
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
    ) {}

    /** The same for the sensor on the car's other side. */
    public function mirrored(): self
    {
        return new self(
            $this->range,
            -$this->bearing,
            $this->height,
            $this->heightDatum,
            $this->toleranceRange,
            $this->toleranceBearing,
            $this->toleranceHeight,
            $this->datum,
        );
    }
}
