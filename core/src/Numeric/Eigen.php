<?php

declare(strict_types=1);

namespace Lumbro\Core\Numeric;

/** Eigenvalues and eigenvectors of a symmetric matrix, by Jacobi's rotations. */
final readonly class Eigen
{
    private const SWEEPS = 60;

    /**
     * @param list<float>       $values
     * @param array<int, array<int, float>> $vectors each of length 1, in the order of the values
     */
    private function __construct(public array $values, public array $vectors) {}

    /**
     * @param int               $n     rows
     * @param array<int, float> $cells n·n, row after row, symmetric
     */
    public static function of(int $n, array $cells): self
    {
        $a = [];
        $v = [];
        for ($i = 0; $i < $n; $i++) {
            $a[] = array_slice($cells, $i * $n, $n);
            $v[] = array_fill(0, $n, 0.0);
            $v[$i][$i] = 1.0;
        }
        for ($sweep = 0; $sweep < self::SWEEPS; $sweep++) {
            if (! self::rotate($n, $a, $v)) {
                break;
            }
        }

        return new self(array_map(static fn(int $i): float => $a[$i][$i], $n === 0 ? [] : range(0, $n - 1)), $v);
    }

    /**
     * One sweep over all pairs.
     *
     * @param array<int, array<int, float>> $a
     * @param array<int, array<int, float>> $v eigenvectors as rows
     *
     * @return bool whether anything was left to turn
     */
    private static function rotate(int $n, array &$a, array &$v): bool
    {
        $turned = false;
        for ($p = 0; $p < $n - 1; $p++) {
            for ($q = $p + 1; $q < $n; $q++) {
                $off = $a[$p][$q];
                if (abs($off) <= 1e-17 * (abs($a[$p][$p]) + abs($a[$q][$q])) || $off === 0.0) {
                    continue;
                }
                $turned = true;
                $theta = ($a[$q][$q] - $a[$p][$p]) / (2 * $off);
                $t = ($theta < 0 ? -1 : 1) / (abs($theta) + sqrt($theta * $theta + 1));
                $c = 1 / sqrt($t * $t + 1);
                $s = $t * $c;
                $ap = $a[$p];
                $aq = $a[$q];
                for ($k = 0; $k < $n; $k++) {
                    $a[$p][$k] = $c * $ap[$k] - $s * $aq[$k];
                    $a[$q][$k] = $s * $ap[$k] + $c * $aq[$k];
                }
                for ($k = 0; $k < $n; $k++) {
                    $kp = $a[$k][$p];
                    $kq = $a[$k][$q];
                    $a[$k][$p] = $c * $kp - $s * $kq;
                    $a[$k][$q] = $s * $kp + $c * $kq;
                }
                $vp = $v[$p];
                $vq = $v[$q];
                for ($k = 0; $k < $n; $k++) {
                    $v[$p][$k] = $c * $vp[$k] - $s * $vq[$k];
                    $v[$q][$k] = $s * $vp[$k] + $c * $vq[$k];
                }
            }
        }

        return $turned;
    }
}
