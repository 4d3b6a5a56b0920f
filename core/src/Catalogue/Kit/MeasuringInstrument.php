<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

/** A tape, laser or staff of the kit: half-width accuracy and resolution in mm, shared errors as standard uncertainties. */
final readonly class MeasuringInstrument
{
    /**
     * @param float      $accuracy   half-width, mm, > 0
     * @param float      $resolution smallest step shown, mm, > 0
     * @param float|null $sScale     standard uncertainty of the scale, without unit; null where there is none to speak of
     * @param float|null $sZero      of the zero, mm
     * @param float      $scale      known error of the scale, without unit: it shows so much more for every mm
     * @param float      $zero       known error of the zero, mm: it shows so much too much
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $accuracy,
        public float $resolution,
        public ?float $sScale = null,
        public ?float $sZero = null,
        public float $scale = 0.0,
        public float $zero = 0.0,
    ) {}
}
