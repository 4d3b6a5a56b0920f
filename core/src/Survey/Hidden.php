<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

/** What one slip could do to a figure and not show (maths, section 2.1). */
final readonly class Hidden
{
    /** δ₀: a two-sided 0.1 % test that finds four slips of five. */
    public const DETECTED = Judgement::SUSPICIOUS + 0.841621234;

    /** With less redundancy than this a slip of any size passes. */
    public const UNTESTABLE = 0.01;

    /** What brings less than this share of the variance is left out where nothing bounds it. */
    public const NEGLIGIBLE = 1e-4;

    /** Slips that shift the figure alike but for this share of it are named by the first. */
    private const ALIKE = 1e-6;

    /**
     * @param float|null   $largest   how far the worst slip would shift the figure, in its unit; null where nothing bounds one
     * @param string|null  $id        whose slip that is
     * @param list<string> $unbounded observations and priors whose slip could have any size
     */
    private function __construct(public ?float $largest, public ?string $id, public array $unbounded) {}

    /**
     * @param list<Checked> $checked  observations, then priors
     * @param list<float>   $carried  for each gᵀCAᵀ: the figure's covariance with it
     * @param list<float>   $redundancy for each
     */
    public static function of(array $checked, array $carried, array $redundancy): self
    {
        $variance = 0.0;
        foreach ($checked as $i => $one) {
            $variance += ($carried[$i] / $one->s) ** 2;
        }
        $unbounded = [];
        $shifts = [];
        foreach ($checked as $i => $one) {
            $slip = min(self::slip($one->s, $redundancy[$i]) ?? INF, $one->most ?? INF);
            if ($slip < INF) {
                $shifts[$one->id] = abs($carried[$i]) / ($one->s * $one->s) * $slip;
            } elseif ($variance > 0 && ($carried[$i] / $one->s) ** 2 >= self::NEGLIGIBLE * $variance) {
                $unbounded[] = $one->id;
            }
        }
        if ($unbounded !== []) {
            return new self(null, null, $unbounded);
        }
        $largest = $shifts === [] ? 0.0 : max($shifts);
        foreach ($shifts as $id => $shift) {
            if ($shift >= $largest * (1 - self::ALIKE)) {
                return new self($largest, (string) $id, []);
            }
        }

        return new self($largest, null, []);
    }

    /**
     * The smallest error that would show, in the unit of s; null where one of any size passes.
     *
     * @param float $s standard uncertainty
     */
    public static function slip(float $s, float $redundancy): ?float
    {
        return $redundancy > self::UNTESTABLE ? self::DETECTED * $s / sqrt($redundancy) : null;
    }

    /** The same with one more slip that nothing in the survey would show. */
    public function beside(string $id, float $shift): self
    {
        return $this->largest === null || $this->largest >= $shift ? $this : new self($shift, $id, []);
    }

    /** Whether no slip could carry the figure further than this unseen. */
    public function isWithin(float $limit): bool
    {
        return $this->largest !== null && $this->largest <= $limit;
    }
}
