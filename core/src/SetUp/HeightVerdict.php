<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Decision\Decision;

/** The target's height against the card's, mm, over a floor that may not have been surveyed. */
final readonly class HeightVerdict
{
    /**
     * @param float      $deviation measured less required; up is positive
     * @param float|null $tolerance half-width; null where the card gives none, and then nothing is decided
     */
    public function __construct(
        public float $deviation,
        public float $uncertainty,
        public ?float $tolerance,
        public ?Decision $decision,
        public float $sReading,
        public float $sFloor,
    ) {}
}
