<?php

declare(strict_types=1);

namespace Lumbro\Core\Decision;

use Lumbro\Core\Numeric\Normal;

/**
 * Whether a deviation stays inside ±tolerance, given its standard uncertainty (maths, section 4; JCGM 106).
 * Deviation, uncertainty and tolerance share one unit.
 */
final readonly class Decision
{
    private function __construct(public float $probability, public Verdict $verdict, public ?string $reason = null) {}

    /**
     * @param float $uncertainty ≥ 0; zero is decided by the deviation alone
     * @param float $tolerance   ≥ 0, a half-width
     */
    public static function about(float $deviation, float $uncertainty, float $tolerance, Thresholds $thresholds = new Thresholds()): self
    {
        if ($uncertainty <= 0) {
            $inside = abs($deviation) <= $tolerance;

            return new self($inside ? 1.0 : 0.0, $inside ? Verdict::Holds : Verdict::Out);
        }
        $probability = Normal::between((-$tolerance - $deviation) / $uncertainty, ($tolerance - $deviation) / $uncertainty);
        $beyond = Normal::below((abs($deviation) - $tolerance) / $uncertainty);

        return new self($probability, match (true) {
            $probability >= $thresholds->holds => Verdict::Holds,
            $beyond >= 1 - $thresholds->out => Verdict::Out,
            default => Verdict::Unproven,
        });
    }

    /** The same chance, but nothing may be concluded from it, for a reason. */
    public function unprovenBecause(string $reason): self
    {
        return new self($this->probability, Verdict::Unproven, $reason);
    }

    /** @return array{probability: float, verdict: string, reason?: string} as documents have it */
    public function facts(): array
    {
        return ['probability' => $this->probability, 'verdict' => $this->verdict->value, ...($this->reason === null ? [] : ['reason' => $this->reason])];
    }
}
