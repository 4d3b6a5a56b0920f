<?php

declare(strict_types=1);

namespace Lumbro\Core\Numeric;

/**
 * The regularised incomplete gamma functions P(a, x) and Q(a, x) = 1 − P(a, x), a > 0, x ≥ 0.
 *
 * Series and continued fraction as in Abramowitz & Stegun 6.5.29 and 6.5.31, relative error about 1e-14
 * in whichever of the two is the smaller.
 */
final class Gamma
{
    private const LANCZOS = [
        0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313,
        -176.61502916214059, 12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
    ];

    /** ln Γ(a) for a > 0, Lanczos approximation with g = 7. */
    public static function logarithm(float $a): float
    {
        if ($a < 0.5) {
            return log(M_PI / sin(M_PI * $a)) - self::logarithm(1 - $a);
        }
        $sum = self::LANCZOS[0];
        for ($i = 1; $i < 9; $i++) {
            $sum += self::LANCZOS[$i] / ($a - 1 + $i);
        }
        $t = $a + 6.5;

        return 0.5 * log(2 * M_PI) + ($a - 0.5) * log($t) - $t + log($sum);
    }

    /** P(a, x), the lower function. */
    public static function lower(float $a, float $x): float
    {
        return $x < $a + 1 ? self::series($a, $x) : 1 - self::fraction($a, $x);
    }

    /** Q(a, x), the upper function. */
    public static function upper(float $a, float $x): float
    {
        return $x < $a + 1 ? 1 - self::series($a, $x) : self::fraction($a, $x);
    }

    private static function series(float $a, float $x): float
    {
        if ($x <= 0) {
            return 0.0;
        }
        $term = 1 / $a;
        $sum = $term;
        for ($n = 1; abs($term) > abs($sum) * 1e-17; $n++) {
            $term *= $x / ($a + $n);
            $sum += $term;
        }

        return $sum * exp(-$x + $a * log($x) - self::logarithm($a));
    }

    /** Modified Lentz evaluation. */
    private static function fraction(float $a, float $x): float
    {
        $b = $x + 1 - $a;
        $c = 1e300;
        $d = 1 / $b;
        $h = $d;
        for ($i = 1; $i < 10000; $i++) {
            $an = -$i * ($i - $a);
            $b += 2;
            $d = 1 / ($an * $d + $b);
            $c = $b + $an / $c;
            $h *= $d * $c;
            if (abs($d * $c - 1) < 1e-16) {
                break;
            }
        }

        return $h * exp(-$x + $a * log($x) - self::logarithm($a));
    }
}
