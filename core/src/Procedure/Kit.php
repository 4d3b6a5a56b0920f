<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

/** What the set-up is measured with, and the stand whose drawing places the target on it (mm in the stand's frame). */
final readonly class Kit
{
    /**
     * @param float $targetAhead of the stand's origin, mm
     * @param float $targetLeft  of the stand's axis, mm
     */
    public function __construct(
        public MeasuringInstrument $tape,
        public MeasuringInstrument $rule,
        public MeasuringInstrument $staff,
        public string $stand,
        public float $targetAhead,
        public float $targetLeft,
        /** half the stand's width, for the drawing */
        public float $halfWidth,
    ) {}
}
