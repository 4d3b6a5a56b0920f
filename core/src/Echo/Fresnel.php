<?php

declare(strict_types=1);

namespace Lumbro\Core\Echo;

/**
 * The Fresnel integrals C(t) = ∫₀ᵗ cos(πu²/2) du and S(t) with the sine: power series near zero, elsewhere the
 * continued fraction of the complementary error function along 45° (Abramowitz and Stegun, 7.3 and 7.1.14).
 */
final class Fresnel
{
    private const SERIES_UP_TO = 1.6;
    private const PRECISION = 1e-16;
    private const TERMS = 400;

    /**
     * ∫ exp(iπu²/2) du from one argument to another.
     *
     * @return array{float, float} real and imaginary part
     */
    public static function between(float $from, float $to): array
    {
        // Beyond the series both ends are written as what is missing to infinity, so that nothing cancels.
        if (min($from, $to) > self::SERIES_UP_TO) {
            [$a, $b] = self::beyond($from);
            [$c, $d] = self::beyond($to);

            return [$a - $c, $b - $d];
        }
        if (max($from, $to) < -self::SERIES_UP_TO) {
            return self::between(-$to, -$from);
        }
        [$a, $b] = self::upTo($from);
        [$c, $d] = self::upTo($to);

        return [$c - $a, $d - $b];
    }

    /** @return array{float, float} C(t), S(t) */
    private static function upTo(float $t): array
    {
        if (abs($t) <= self::SERIES_UP_TO) {
            return self::series($t);
        }
        [$c, $s] = self::beyond(abs($t));
        $sign = $t < 0 ? -1 : 1;

        return [$sign * (0.5 - $c), $sign * (0.5 - $s)];
    }

    /** @return array{float, float} */
    private static function series(float $t): array
    {
        $phase = M_PI / 2 * $t * $t;
        // The terms of exp(i·phase), each integrated: t·(i·phase)ⁿ/n!/(2n + 1).
        $power = $t;
        $sum = [0.0, 0.0];
        for ($n = 0; abs($power) > self::PRECISION * abs($t) && $n < self::TERMS; $n++) {
            $term = $power / (2 * $n + 1);
            $sum[$n % 2] += $n % 4 < 2 ? $term : -$term;
            $power *= $phase / ($n + 1);
        }

        return $sum;
    }

    /**
     * ∫ from t to infinity, t well above zero: (1 + i)/2 · erfc(z), z = (1 − i)t√π/2, by Lentz's evaluation of
     * erfc(z) = 2z·exp(−z²)/√π · 1/(2z² + 1 − 1·2/(2z² + 5 − 3·4/(2z² + 9 − …))).
     *
     * @return array{float, float}
     */
    private static function beyond(float $t): array
    {
        // 2z² = −iπt²; every denominator of the fraction is b = (4n + 1) − iπt².
        $imaginary = -M_PI * $t * $t;
        $real = 1.0;
        [$dr, $di] = self::inverse($real, $imaginary);
        [$hr, $hi] = [$dr, $di];
        // 1/c, with c infinite at first.
        [$er, $ei] = [0.0, 0.0];
        for ($n = 1; $n < self::TERMS; $n++) {
            $a = -(2 * $n - 1) * (2 * $n);
            $real += 4.0;
            [$dr, $di] = self::inverse($real + $a * $dr, $imaginary + $a * $di);
            $cr = $real + $a * $er;
            $ci = $imaginary + $a * $ei;
            [$er, $ei] = self::inverse($cr, $ci);
            $fr = $cr * $dr - $ci * $di;
            $fi = $cr * $di + $ci * $dr;
            [$hr, $hi] = [$hr * $fr - $hi * $fi, $hr * $fi + $hi * $fr];
            if (abs($fr - 1) + abs($fi) < self::PRECISION * 10) {
                break;
            }
        }
        // (1 + i)/2 · 2z/√π = (1 + i)(1 − i)t/2 = t, and exp(−z²) = exp(iπt²/2).
        $cos = cos(M_PI / 2 * $t * $t);
        $sin = sin(M_PI / 2 * $t * $t);

        return [$t * ($hr * $cos - $hi * $sin), $t * ($hr * $sin + $hi * $cos)];
    }

    /** @return array{float, float} 1/(real + i·imaginary) */
    private static function inverse(float $real, float $imaginary): array
    {
        $square = $real * $real + $imaginary * $imaginary;

        return [$real / $square, -$imaginary / $square];
    }
}
