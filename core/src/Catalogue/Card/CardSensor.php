<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

/** The sensor a card is for: its design place from the front mark (mm), its reading and limits (degrees; null where the card gives none). */
final readonly class CardSensor
{
    /**
     * @param bool         $reportsTargetAngle the tool reports the target's angle, not the misalignment
     * @param float        $s                  standard uncertainty of one reading
     * @param list<string> $placementFree      axes whose reading does not rest on placement
     */
    public function __construct(
        public string $name,
        public float $along,
        public float $across,
        public float $height,
        public ?float $limitAzimuth,
        public ?float $limitElevation,
        public bool $reportsTargetAngle,
        public float $s,
        public array $placementFree,
    ) {}

    /** The same for the sensor on the car's other side. */
    public function mirrored(): self
    {
        return new self(
            $this->name,
            $this->along,
            -$this->across,
            $this->height,
            $this->limitAzimuth,
            $this->limitElevation,
            $this->reportsTargetAngle,
            $this->s,
            $this->placementFree,
        );
    }
}
