<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

/** A tape, laser or staff of the kit: half-width accuracy and resolution in mm, shared errors as standard uncertainties. */
final readonly class MeasuringInstrument
{
    public function __construct(
        public string $id,
        public string $name,
        public float $accuracy,
        public float $resolution,
        public ?float $sScale = null,
        public ?float $sZero = null,
    ) {}
}
