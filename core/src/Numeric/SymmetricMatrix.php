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

    /** The square of a tenth: more of an unknown than this in the directions without weight, and it is not fixed. */
    private const SHARE = 0.01;

    /** Rounds of a power iteration; eigenvalues so near each other that it needs more are as good as equal. */
    private const ROUNDS = 100;

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

        return 1 / $trace > self::SINGULAR * $this->n || $this->reciprocalCondition() >= self::SINGULAR;
    }

    /** Smallest over largest eigenvalue of the factorised matrix, scaled: power iteration on both ends. */
    private function reciprocalCondition(): float
    {
        $scale = $this->scale();
        $weakest = self::largestEigenvalue($this->n, function (array $x) use ($scale): array {
            $y = $this->solve(array_map(static fn(float $cell, float $d): float => $cell / $d, $x, $scale));

            return array_map(static fn(float $cell, float $d): float => $cell / $d, $y, $scale);
        });

        return 1 / ($weakest * $this->largest());
    }

    /** The largest eigenvalue of the scaled matrix. */
    private function largest(): float
    {
        $scaled = $this->scaled();

        return self::largestEigenvalue($this->n, fn(array $x): array => self::product($scaled, $x));
    }

    /**
     * The names of the unknowns that nothing fixes: those of which the directions without weight hold more than a
     * tenth, δ(N + δ)⁻¹ being the projection onto those directions with δ at the limit of the condition.
     *
     * @param list<string> $names of the unknowns, in the matrix's order
     *
     * @return list<string>
     */
    public function unfixed(array $names): array
    {
        $n = $this->n;
        $weight = self::SINGULAR * max(1.0, $this->largest());
        $cells = $this->scaled();
        for ($i = 0; $i < $n; $i++) {
            $cells[$i * ($n + 1)] += $weight;
        }
        $lifted = new self($n, $cells);
        if (! $lifted->factorise()) {
            // Rounding has eaten the lift: nothing can be told apart.
            return $names;
        }
        $projection = $lifted->inverse();
        $shares = [];
        for ($i = 0; $i < $n; $i++) {
            // Taken twice, so that a direction with ten times the weight no longer counts.
            $share = 0.0;
            for ($j = 0; $j < $n; $j++) {
                $share += ($weight * $projection[$i * $n + $j]) ** 2;
            }
            $shares[] = $share;
        }
        // Where a direction is spread over very many unknowns, those that hold most of it are named.
        $least = min(self::SHARE, max([0.0, ...$shares]) / 2);

        return array_values(array_intersect_key($names, array_filter($shares, static fn(float $share): bool => $share > $least)));
    }

    /** @return list<float> 1/√ of the diagonal; 1 where that is zero */
    private function scale(): array
    {
        $scale = [];
        for ($i = 0; $i < $this->n; $i++) {
            $diagonal = $this->cells[$i * ($this->n + 1)];
            $scale[] = $diagonal > 0 ? 1 / sqrt($diagonal) : 1.0;
        }

        return $scale;
    }

    /** @return array<int, float> the matrix scaled to unit diagonal, both triangles */
    private function scaled(): array
    {
        $n = $this->n;
        $scale = $this->scale();
        $scaled = array_fill(0, $n * $n, 0.0);
        for ($i = 0; $i < $n; $i++) {
            for ($j = 0; $j <= $i; $j++) {
                $scaled[$i * $n + $j] = $scaled[$j * $n + $i] = $this->cells[$i * $n + $j] * $scale[$i] * $scale[$j];
            }
        }

        return $scaled;
    }

    /**
     * Power iteration from a start that no symmetry of a survey makes orthogonal to what is sought.
     *
     * @param \Closure(list<float>): list<float> $times the matrix
     */
    private static function largestEigenvalue(int $n, \Closure $times): float
    {
        $x = [];
        for ($i = 0; $i < $n; $i++) {
            $x[] = 1 + 0.5 * sin(1.7 * $i + 0.3);
        }
        $value = 0.0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $length = sqrt(array_sum(array_map(static fn(float $cell): float => $cell * $cell, $x)));
            if (! ($length > 0)) {
                return 0.0;
            }
            $x = array_map(static fn(float $cell): float => $cell / $length, $x);
            $y = $times($x);
            $before = $value;
            $value = array_sum(array_map(static fn(float $a, float $b): float => $a * $b, $x, $y));
            if (abs($value - $before) <= 1e-4 * $value) {
                break;
            }
            $x = $y;
        }

        return $value;
    }

    /**
     * @param array<int, float> $cells
     * @param list<float>       $x
     *
     * @return list<float>
     */
    private static function product(array $cells, array $x): array
    {
        $y = [];
        $cell = 0;
        foreach ($x as $_) {
            $sum = 0.0;
            foreach ($x as $factor) {
                $sum += $cells[$cell++] * $factor;
            }
            $y[] = $sum;
        }

        return $y;
    }
}
