<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

/** What a second echo in the target's range cell adds to every reading of a place alike (maths, sections 6 and 8). */
final class SecondEcho
{
    /** How far aside of the target it is taken to be, degrees. */
    private const ASIDE = 3.0;

    /** How far under the target the empty zone is taken to lie where nobody looked, dB. */
    private const UNSEEN = -36.0;

    /**
     * The shared standard uncertainty, degrees: an echo of relative amplitude ρ, ψ aside, bends the bearing by ρψ·cos φ, φ
     * any phase.
     *
     * @param float|null $empty level of the empty zone over the target's, dB; null where it was not read
     */
    public static function bias(?float $empty): float
    {
        return 10 ** (min(0.0, $empty ?? self::UNSEEN) / 20) * self::ASIDE / sqrt(2);
    }

    /**
     * How far the empty zone must lie under the target, dB, ≤ 0: a bend of an eighth of the limit is let pass.
     *
     * @param float $limit of the axis, degrees, > 0
     */
    public static function allowed(float $limit): float
    {
        return -20 * log10(8 * self::ASIDE / $limit);
    }
}
