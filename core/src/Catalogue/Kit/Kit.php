<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

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

    /** The same with the target on an arm, mm left of the stand's axis in the stand's own sense. */
    public function withTargetLeft(float $left): self
    {
        return new self($this->tape, $this->rule, $this->staff, $this->stand, $this->targetAhead, $left, $this->halfWidth);
    }
}
