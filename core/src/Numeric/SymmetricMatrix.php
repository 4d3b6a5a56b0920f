<?php

declare(strict_types=1);

namespace Lumbro\Core\Numeric;

/**
 * A dense symmetric matrix of normal equations, n × n, kept row after row in one flat list.
 *
 * All work is done on the matrix scaled to unit diagonal (D N D with D = diag(N)^−1/2), which makes
 * millimetres and radians comparable.
 */
final class SymmetricMatrix
{
    /** Below this reciprocal condition of the scaled matrix an unknown counts as not fixed. */
    private const SINGULAR = 1e-12;

    /** @var list<float> 1/√ of the diagonal; 1 where the diagonal is zero */
    private array $scale;

    /** @var array<int, float> lower triangle of the factor of the scaled matrix, row after row */
    private array $factor = [];

    private float $smallestPivot = INF;

    /** @param array<int, float> $cells n·n cells, both triangles filled */
    public function __construct(private readonly int $n, private readonly array $cells)
    {
        $scale = [];
        for ($i = 0; $i < $n; $i++) {
            $diagonal = $cells[$i * $n + $i];
            $scale[] = $diagonal > 0 ? 1 / sqrt($diagonal) : 1.0;
        }
        $this->scale = $scale;
    }

    /**
     * Cholesky factorisation of the scaled matrix.
     *
     * @return bool false when the matrix is not positive definite, numerically
     */
    public function factorise(): bool
    {
        $n = $this->n;
        $cells = $this->cells;
        $scale = $this->scale;
        $l = [];
        for ($i = 0; $i < $n; $i++) {
            $ri = $i * $n;
            $si = $scale[$i];
            for ($j = 0; $j < $i; $j++) {
                $rj = $j * $n;
                $sum = $cells[$ri + $j] * $si * $scale[$j];
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $l[$ri + $k] * $l[$rj + $k];
                }
                $l[$ri + $j] = $sum / $l[$rj + $j];
            }
            $pivot = $cells[$ri + $i] * $si * $si;
            for ($k = 0; $k < $i; $k++) {
                $pivot -= $l[$ri + $k] ** 2;
            }
            if (! ($pivot > 1e-14)) {
                return false;
            }
            $this->smallestPivot = min($this->smallestPivot, $pivot);
            $l[$ri + $i] = sqrt($pivot);
        }
        $this->factor = $l;

        // A healthy smallest pivot needs no closer look; λmin never exceeds it.
        return $this->smallestPivot > 1e-6 || $this->nullVectors() === [];
    }

    /**
     * Solves N·x = b with the factor.
     *
     * @param array<int, float> $b
     *
     * @return array<int, float>
     */
    public function solve(array $b): array
    {
        $n = $this->n;
        $l = $this->factor;
        $x = [];
        for ($i = 0; $i < $n; $i++) {
            $ri = $i * $n;
            $sum = $b[$i] * $this->scale[$i];
            for ($k = 0; $k < $i; $k++) {
                $sum -= $l[$ri + $k] * $x[$k];
            }
            $x[$i] = $sum / $l[$ri + $i];
        }
        for ($i = $n - 1; $i >= 0; $i--) {
            $sum = $x[$i];
            for ($k = $i + 1; $k < $n; $k++) {
                $sum -= $l[$k * $n + $i] * $x[$k];
            }
            $x[$i] = $sum / $l[$i * $n + $i];
        }
        for ($i = 0; $i < $n; $i++) {
            $x[$i] *= $this->scale[$i];
        }

        return $x;
    }

    /**
     * N⁻¹ from the factor, flat, both triangles.
     *
     * @return array<int, float>
     */
    public function inverse(): array
    {
        $n = $this->n;
        $l = $this->factor;
        // The factor's inverse M, lower triangle; then N⁻¹ = Mᵀ M.
        $m = [];
        for ($j = 0; $j < $n; $j++) {
            $m[$j * $n + $j] = 1 / $l[$j * $n + $j];
            for ($i = $j + 1; $i < $n; $i++) {
                $ri = $i * $n;
                $sum = 0.0;
                for ($k = $j; $k < $i; $k++) {
                    $sum -= $l[$ri + $k] * $m[$k * $n + $j];
                }
                $m[$ri + $j] = $sum / $l[$ri + $i];
            }
        }
        $inverse = array_fill(0, $n * $n, 0.0);
        for ($i = 0; $i < $n; $i++) {
            for ($j = 0; $j <= $i; $j++) {
                $sum = 0.0;
                for ($k = $i; $k < $n; $k++) {
                    $sum += $m[$k * $n + $i] * $m[$k * $n + $j];
                }
                $inverse[$i * $n + $j] = $inverse[$j * $n + $i] = $sum * $this->scale[$i] * $this->scale[$j];
            }
        }

        return $inverse;
    }

    /**
     * The unit eigenvectors of the scaled matrix whose eigenvalue is under 1e-12 of the largest.
     *
     * @return list<list<float>>
     */
    public function nullVectors(): array
    {
        [$values, $vectors] = $this->eigen();
        $largest = $values === [] ? 0.0 : max($values);
        $found = [];
        foreach ($values as $k => $value) {
            if ($value < self::SINGULAR * $largest || $largest <= 0) {
                $found[] = $vectors[$k];
            }
        }

        return $found;
    }

    /**
     * The names of the unknowns that nothing fixes: those with a component above 0.1 in a null vector.
     *
     * @param list<string> $names of the unknowns, in the matrix's order
     *
     * @return list<string>
     */
    public function unfixed(array $names): array
    {
        $found = [];
        foreach ($this->nullVectors() as $vector) {
            foreach ($vector as $i => $component) {
                if (abs($component) > 0.1) {
                    $found[$i] = $names[$i];
                }
            }
        }
        ksort($found);

        return array_values($found);
    }

    /**
     * Cyclic Jacobi rotations: eigenvalues and, in the same order, unit eigenvectors.
     *
     * @return array{list<float>, list<list<float>>}
     */
    private function eigen(): array
    {
        $n = $this->n;
        $a = [];
        $v = [];
        for ($i = 0; $i < $n; $i++) {
            for ($j = 0; $j < $n; $j++) {
                $a[$i][$j] = $this->cells[$i * $n + $j] * $this->scale[$i] * $this->scale[$j];
                $v[$i][$j] = $i === $j ? 1.0 : 0.0;
            }
        }
        for ($sweep = 0; $sweep < 60; $sweep++) {
            $off = 0.0;
            for ($p = 0; $p < $n; $p++) {
                for ($q = $p + 1; $q < $n; $q++) {
                    $off += $a[$p][$q] ** 2;
                }
            }
            if ($off < 1e-30) {
                break;
            }
            for ($p = 0; $p < $n; $p++) {
                for ($q = $p + 1; $q < $n; $q++) {
                    if (abs($a[$p][$q]) < 1e-300) {
                        continue;
                    }
                    $theta = ($a[$q][$q] - $a[$p][$p]) / (2 * $a[$p][$q]);
                    $t = ($theta >= 0 ? 1 : -1) / (abs($theta) + sqrt($theta * $theta + 1));
                    $c = 1 / sqrt($t * $t + 1);
                    $s = $t * $c;
                    for ($k = 0; $k < $n; $k++) {
                        [$a[$k][$p], $a[$k][$q]] = [$c * $a[$k][$p] - $s * $a[$k][$q], $s * $a[$k][$p] + $c * $a[$k][$q]];
                    }
                    for ($k = 0; $k < $n; $k++) {
                        [$a[$p][$k], $a[$q][$k]] = [$c * $a[$p][$k] - $s * $a[$q][$k], $s * $a[$p][$k] + $c * $a[$q][$k]];
                        [$v[$k][$p], $v[$k][$q]] = [$c * $v[$k][$p] - $s * $v[$k][$q], $s * $v[$k][$p] + $c * $v[$k][$q]];
                    }
                }
            }
        }
        $values = [];
        $vectors = [];
        for ($k = 0; $k < $n; $k++) {
            $values[] = $a[$k][$k];
            $vectors[] = array_map(static fn(array $row): float => $row[$k], array_values($v));
        }

        return [$values, $vectors];
    }
}
