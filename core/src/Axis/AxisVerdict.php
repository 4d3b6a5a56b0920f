<?php

declare(strict_types=1);

namespace Lumbro\Core\Axis;

use Lumbro\Core\Decision\Decision;
use Lumbro\Core\Decision\Thresholds;
use Lumbro\Core\Decision\Verdict;

/**
 * What a reading says of the boresight once the set-up is taken out of it: μ = m + Δ, u²(μ) = u²(m) + u²(Δ)
 * (maths, section 6). Degrees; yaw anticlockwise and elevation up are positive.
 */
final readonly class AxisVerdict
{
    public const PLACEMENT_UNKNOWN = 'placement-unknown';
    public const UNGUARDED = 'unguarded';

    private function __construct(
        public float $misalignment,
        public float $uncertainty,
        public ?float $limit,
        public ?Decision $decision,
    ) {}

    /**
     * @param PlacementError|null $placement null where it is not known
     * @param bool                $free      the card frees this axis of placement
     * @param float|null          $limit     half-width, degrees; without one nothing is decided
     * @param float|null          $hiddenLimit what one slip in the placement may hide at most, degrees; null where nobody asks
     */
    public static function of(
        AxisReading $reading,
        ?PlacementError $placement,
        ?float $limit,
        bool $free = false,
        Thresholds $thresholds = new Thresholds(),
        ?float $hiddenLimit = null,
    ): self {
        $known = $placement ?? new PlacementError(0.0, 0.0);
        $misalignment = $reading->misalignment + $known->deviation;
        $uncertainty = hypot($reading->s, $known->uncertainty);
        $decision = null;
        if ($limit !== null) {
            $decision = Decision::about($misalignment, $uncertainty, $limit, $thresholds);
            if ($placement === null && ! $free) {
                $decision = $decision->unprovenBecause(self::PLACEMENT_UNKNOWN);
            } elseif ($decision->verdict === Verdict::Holds && ! $free && $hiddenLimit !== null && ! ($known->hidden !== null && $known->hidden <= $hiddenLimit)) {
                $decision = $decision->unprovenBecause(self::UNGUARDED);
            }
        }

        return new self($misalignment, $uncertainty, $limit, $decision);
    }

    /** The same figures, but nothing may be concluded from them, for a reason. */
    public function unprovenBecause(string $reason): self
    {
        return new self($this->misalignment, $this->uncertainty, $this->limit, $this->decision?->unprovenBecause($reason));
    }

    /** @return array<string, float|string> as documents have it, degrees */
    public function facts(): array
    {
        return ['misalignment' => $this->misalignment, 'uncertainty' => $this->uncertainty, ...($this->limit === null || $this->decision === null ? [] : ['limit' => $this->limit, ...$this->decision->facts()])];
    }
}
