<?php

declare(strict_types=1);

namespace Lumbro\Core\Numeric;

/**
 * A dense symmetric matrix of normal equations, n × n, kept row after row in one flat list.
 *
 * Its condition is that of the matrix scaled to unit diagonal (D N D with D = diag(N)^−1/2), which makes millimetres
 * and radians comparable. Scaling changes nothing in a Cholesky factor but its rows' sizes, so it is left out there.
 */
final class SymmetricMatrix
{
    /** Below this reciprocal condition of the scaled matrix an unknown counts as not fixed. */
    private const SINGULAR = 1e-12;

    /** Pivots above this share of their diagonal belong to no nearly singular matrix of this size. */
    private const HEALTHY = 1e-6;

    /** Pivots up to this share of their diagonal are rounding. */
    private const NO_PIVOT = 1e-14;

    /** @var list<list<float>> lower triangle of the factor; the diagonal holds its inverse */
    private array $factor = [];

    /** @var list<int> the first column of each of the factor's rows that is not zero */
    private array $first = [];

    /** The smallest pivot as a share of its diagonal. */
    private float $smallestPivot = 0.0;

    /** @var list<array<int, float>>|null the factor's inverse, once it was asked for */
    private ?array $columns = null;

    /**
     * @param int               $n     unknowns
     * @param array<int, float> $cells n·n cells; the lower triangle counts
     */
    public function __construct(private readonly int $n, private readonly array $cells) {}

    /**
     * Cholesky factorisation; what is zero left of a row's first cell stays so.
     *
     * @return bool false when the matrix is not positive definite
     */
    public function factorise(): bool
    {
        $n = $this->n;
        $cells = $this->cells;
        $factor = [];
        $first = [];
        $smallest = INF;
        for ($i = 0; $i < $n; $i++) {
            $base = $i * $n;
            $start = 0;
            while ($start < $i && $cells[$base + $start] === 0.0) {
                $start++;
            }
            $row = $start === 0 ? [] : array_fill(0, $start, 0.0);
            $pivot = $diagonal = $cells[$base + $i];
            for ($j = $start; $j < $i; $j++) {
                $other = $factor[$j];
                $cell = $cells[$base + $j];
                for ($k = $first[$j] > $start ? $first[$j] : $start; $k < $j; $k++) {
                    $cell -= $row[$k] * $other[$k];
                }
                $row[] = $cell *= $other[$j];
                $pivot -= $cell * $cell;
            }
            if (! ($pivot > self::NO_PIVOT * $diagonal)) {
                return false;
            }
            if ($pivot < $smallest * $diagonal) {
                $smallest = $pivot / $diagonal;
            }
            $row[] = 1 / sqrt($pivot);
            $factor[] = $row;
            $first[] = $start;
        }
        $this->factor = $factor;
        $this->first = $first;
        $this->smallestPivot = $smallest;

        return true;
    }

    /**
     * Solves N·x = b with the factor.
     *
     * @param array<int, float> $b
     *
     * @return list<float>
     */
    public function solve(array $b): array
    {
        $factor = $this->factor;
        $first = $this->first;
        $x = $b;
        foreach ($factor as $i => $row) {
            $sum = $b[$i];
            for ($k = $first[$i]; $k < $i; $k++) {
                $sum -= $row[$k] * $x[$k];
            }
            $x[$i] = $sum * $row[$i];
        }
        for ($i = $this->n - 1; $i >= 0; $i--) {
            $row = $factor[$i];
            $x[$i] = $xi = $x[$i] * $row[$i];
            for ($k = $first[$i]; $k < $i; $k++) {
                $x[$k] -= $row[$k] * $xi;
            }
        }

        return array_values($x);
    }

    /**
     * N⁻¹ from the factor, flat, both triangles.
     *
     * @return list<float>
     */
    public function inverse(): array
    {
        $n = $this->n;
        $columns = $this->factorInverse();
        // Where below its diagonal each column begins to be other than zero.
        $next = [];
        foreach ($columns as $j => $column) {
            $row = $j + 1;
            while ($row < $n && $column[$row] === 0.0) {
                $row++;
            }
            $next[] = $row;
        }
        $inverse = array_fill(0, $n * $n, 0.0);
        for ($i = 0; $i < $n; $i++) {
            $a = $columns[$i];
            for ($j = 0; $j <= $i; $j++) {
                $b = $columns[$j];
                $sum = $a[$i] * $b[$i];
                for ($k = $next[$i] > $next[$j] ? $next[$i] : $next[$j]; $k < $n; $k++) {
                    $sum += $a[$k] * $b[$k];
                }
                $inverse[$i * $n + $j] = $inverse[$j * $n + $i] = $sum;
            }
        }

        return array_values($inverse);
    }

    /**
     * The factor's inverse, L⁻¹.
     *
     * @return list<array<int, float>> column after column, each from its diagonal on
     */
    private function factorInverse(): array
    {
        if ($this->columns !== null) {
            return $this->columns;
        }
        $n = $this->n;
        $factor = $this->factor;
        $first = $this->first;
        $columns = [];
        for ($j = 0; $j < $n; $j++) {
            $column = $j === 0 ? [] : array_fill(0, $j, 0.0);
            $column[] = $factor[$j][$j];
            for ($i = $j + 1; $i < $n; $i++) {
                $row = $factor[$i];
                $sum = 0.0;
                for ($k = $first[$i] > $j ? $first[$i] : $j; $k < $i; $k++) {
                    $sum -= $row[$k] * $column[$k];
                }
                $column[] = $sum === 0.0 ? 0.0 : $sum * $row[$i];
            }
            $columns[] = $column;
        }

        return $this->columns = $columns;
    }

    /**
     * Whether the factorised matrix's smallest eigenvalue, scaled, keeps clear of nothing: reciprocal condition of at
     * least 1e-12. A healthy smallest pivot needs no closer look. Else the trace of the inverse bounds the smallest
     * eigenvalue from below and the number of unknowns the largest from above; mostly that is enough.
     */
    public function isWellConditioned(): bool
    {
        if ($this->smallestPivot > self::HEALTHY) {
            return true;
        }
        $trace = 0.0;
        foreach ($this->factorInverse() as $i => $column) {
            $diagonal = $this->cells[$i * ($this->n + 1)];
            foreach ($column as $cell) {
                $trace += $diagonal * $cell * $cell;
            }
        }

        return 1 / $trace > self::SINGULAR * $this->n || $this->nullVectors() === [];
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
     * The names of the unknowns that nothing fixes: those with more than 0.1 of their unit vector in the space that
     * the null vectors span.
     *
     * @param list<string> $names of the unknowns, in the matrix's order
     *
     * @return list<string>
     */
    public function unfixed(array $names): array
    {
        $shares = array_fill(0, $this->n, 0.0);
        foreach ($this->nullVectors() as $vector) {
            foreach ($vector as $i => $component) {
                $shares[$i] += $component * $component;
            }
        }

        return array_values(array_intersect_key($names, array_filter($shares, static fn(float $share): bool => $share > 0.01)));
    }

    /**
     * Cyclic Jacobi rotations of the scaled matrix: eigenvalues and, in the same order, unit eigenvectors.
     *
     * @return array{list<float>, list<list<float>>}
     */
    private function eigen(): array
    {
        $n = $this->n;
        $a = [];
        $v = [];
        $scale = [];
        for ($i = 0; $i < $n; $i++) {
            $diagonal = $this->cells[$i * ($n + 1)];
            $scale[] = $diagonal > 0 ? 1 / sqrt($diagonal) : 1.0;
        }
        for ($i = 0; $i < $n; $i++) {
            for ($j = 0; $j < $n; $j++) {
                $a[$i][$j] = $this->cells[max($i, $j) * $n + min($i, $j)] * $scale[$i] * $scale[$j];
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
                    if (abs($a[$p][$q]) < 1e-18) {
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
