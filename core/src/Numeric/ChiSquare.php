<?php

declare(strict_types=1);

namespace Lumbro\Core\Numeric;

/** The chi-square distribution. */
final class ChiSquare
{
    /** @var array<string, float> */
    private static array $points = [];

    /**
     * The value that a share of draws stays below, for n ≥ 1 degrees of freedom.
     *
     * @param float $share above 0, below 1
     */
    public static function point(int $degreesOfFreedom, float $share): float
    {
        return self::$points["$degreesOfFreedom $share"] ??= self::quantile($degreesOfFreedom, $share);
    }

    /** The value that 95 % of draws stay below, for n ≥ 1 degrees of freedom. */
    public static function point95(int $degreesOfFreedom): float
    {
        return self::point($degreesOfFreedom, 0.95);
    }

    /** Wilson and Hilferty's approximation, refined by Newton's method to about 1e-14 relative. */
    private static function quantile(int $n, float $p): float
    {
        $h = 2 / (9 * $n);
        $x = $n * (1 - $h + Normal::quantile($p) * sqrt($h)) ** 3;
        $half = $n / 2;
        $norm = $half * M_LN2 + Gamma::logarithm($half);
        for ($i = 0; $i < 50; $i++) {
            $density = exp(($half - 1) * log($x) - $x / 2 - $norm);
            $step = (Gamma::lower($half, $x / 2) - $p) / $density;
            $x -= $step;
            if (abs($step) < 1e-14 * $x) {
                break;
            }
        }

        return $x;
    }
}
