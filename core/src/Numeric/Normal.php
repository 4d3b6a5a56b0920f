<?php

declare(strict_types=1);

namespace Lumbro\Core\Numeric;

/** The standard normal distribution. */
final class Normal
{
    /** Φ(z), the chance of a value below z. Keeps its relative accuracy far into the lower tail. */
    public static function below(float $z): float
    {
        return $z < 0 ? self::tail(-$z) : 1 - self::tail($z);
    }

    /** Φ(b) − Φ(a) for a ≤ b, taken in the tail where it stays accurate. */
    public static function between(float $a, float $b): float
    {
        if ($a > 0) {
            return self::tail($a) - self::tail($b);
        }
        if ($b < 0) {
            return self::tail(-$b) - self::tail(-$a);
        }

        return 1 - self::tail(-$a) - self::tail($b);
    }

    /**
     * The value below which a share of draws lies: Newton's method on Φ, in the tail where Φ keeps its accuracy.
     *
     * @param float $share above 0, below 1
     */
    public static function quantile(float $share): float
    {
        if ($share > 0.5) {
            return -self::quantile(1 - $share);
        }
        $z = 0.0;
        for ($i = 0; $i < 100; $i++) {
            $step = (self::below($z) - $share) / (exp(-$z * $z / 2) / sqrt(2 * M_PI));
            // Far out the curve is flat: no longer strides than one.
            $z -= max(-1.0, min(1.0, $step));
            if (abs($step) < 1e-14 * max(1.0, abs($z))) {
                break;
            }
        }

        return $z;
    }

    /** The chance of a value above z, z ≥ 0. */
    private static function tail(float $z): float
    {
        return is_infinite($z) ? 0.0 : 0.5 * Gamma::upper(0.5, $z * $z / 2);
    }
}
