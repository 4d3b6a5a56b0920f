<?php

declare(strict_types=1);

namespace Lumbro\Core\Axis;

/**
 * Whether a sensor follows its target when that is moved by a known angle (maths, section 6): one that does changes
 * its reading by p = −Δ, one that does not by nothing.
 */
final readonly class ShiftTest
{
    /** The likelihood ratio that counts as decided, either way. */
    private const DECIDED = 20.0;

    /** Standard deviations by which even the better explanation may miss. */
    private const MISS = 3.0;

    /** The ratio's logarithm is cut here, so that the ratio stays a number. */
    private const LARGEST_LOGARITHM = 700.0;

    private function __construct(
        public float $predicted,
        public float $observed,
        public float $likelihoodRatio,
        public ShiftResult $result,
    ) {}

    /**
     * Degrees throughout.
     *
     * @param float $before        reading with the target in its place
     * @param float $after         reading with the target moved
     * @param float $bearingChange by how much the target's bearing grew, anticlockwise positive
     * @param float $s             standard uncertainty of one reading, > 0
     * @param float $sChange       of the change of bearing, ≥ 0
     */
    public static function of(float $before, float $after, float $bearingChange, float $s, float $sChange = 0.0): self
    {
        $predicted = 0.0 - $bearingChange;
        $observed = $after - $before;
        $variance = 2 * $s ** 2 + $sChange ** 2;
        $logarithm = ($observed ** 2 - ($observed - $predicted) ** 2) / (2 * $variance);
        $ratio = exp(max(-self::LARGEST_LOGARITHM, min(self::LARGEST_LOGARITHM, $logarithm)));
        $miss = self::MISS * sqrt($variance);
        $favoured = $ratio >= 1 ? $predicted : 0.0;

        return new self($predicted, $observed, $ratio, match (true) {
            abs($observed - $favoured) > $miss => abs($observed + $predicted) <= $miss && abs($predicted) > $miss
                ? ShiftResult::Reversed
                : ShiftResult::ContradictsBoth,
            $ratio >= self::DECIDED => ShiftResult::Tracks,
            $ratio <= 1 / self::DECIDED => ShiftResult::DoesNotRespond,
            default => ShiftResult::Unclear,
        });
    }
}
