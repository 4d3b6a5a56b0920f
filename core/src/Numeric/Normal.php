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

    /** The chance of a value above z, z ≥ 0. */
    private static function tail(float $z): float
    {
        return is_infinite($z) ? 0.0 : 0.5 * Gamma::upper(0.5, $z * $z / 2);
    }
}
