<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\NoConvergence;
use Lumbro\Core\Failure\Underdetermined;
use Lumbro\Core\Numeric\SymmetricMatrix;

/**
 * Weighted least squares by Gauss–Newton with step halving (maths, section 2).
 *
 * Unknowns that no observation touches keep their prior and take no part in the matrix.
 */
final class LeastSquares
{
    private const ITERATIONS = 50;
    private const HALVINGS = 40;
    private const STILL_MM = 1e-6;
    private const STILL_RAD = 1e-9;

    private readonly Layout $layout;

    private Geometry $geometry;

    /** @var list<Equation> */
    private array $equations = [];

    private function __construct(private readonly Network $network)
    {
        $this->layout = new Layout($network);
        $this->geometry = new Geometry($this->layout, $this->layout->start);
    }

    /**
     * @throws Underdetermined where an unknown is fixed by no reading
     * @throws NoConvergence   after 50 rounds without rest
     * @throws InvalidInput    where a reading has no value
     */
    public static function solve(Network $network): Solution
    {
        return (new self($network))->run();
    }

    private function run(): Solution
    {
        $sum = $this->measure();
        for ($iteration = 1; $iteration <= self::ITERATIONS; $iteration++) {
            [$active, $normal] = $this->normalMatrix();
            $step = $this->step($active, $normal);
            $sum = $this->move($step, $sum);
            if ($this->isStill($step)) {
                return $this->solution($iteration, $active, $normal);
            }
        }

        throw NoConvergence::after(self::ITERATIONS);
    }

    /** Evaluates all equations at the present state; the weighted sum of squares. */
    private function measure(): float
    {
        $sum = 0.0;
        $this->equations = [];
        foreach ($this->network->observations as $i => $observation) {
            $equation = Equation::of($observation, $this->geometry);
            $this->equations[] = $equation;
            $value = $observation->value() ?? throw InvalidInput::because("/observations/$i", 'lacks the field "value".');
            $sum += (($value - $equation->value) / $observation->s()) ** 2;
        }
        foreach ($this->layout->priors as $prior) {
            $sum += (($prior['observed'] - $this->geometry->state[$prior['place']]) / $prior['s']) ** 2;
        }

        return $sum;
    }

    /**
     * The normal matrix over the unknowns that observations touch or nothing else fixes.
     *
     * @return array{list<int>, SymmetricMatrix} places of those unknowns, and the matrix in their order
     */
    private function normalMatrix(): array
    {
        $touched = [];
        foreach ($this->equations as $equation) {
            $touched += $equation->row;
        }
        $weights = [];
        foreach ($this->layout->priors as $prior) {
            $weights[$prior['place']] = 1 / $prior['s'] ** 2;
        }
        $active = [];
        for ($place = 0; $place < $this->layout->size(); $place++) {
            if (isset($touched[$place]) || ! isset($weights[$place])) {
                $active[] = $place;
            }
        }
        $index = array_flip($active);
        $n = count($active);
        $cells = array_fill(0, $n * $n, 0.0);
        foreach ($active as $i => $place) {
            $cells[$i * $n + $i] = $weights[$place] ?? 0.0;
        }
        foreach ($this->equations as $k => $equation) {
            $weight = 1 / $this->network->observations[$k]->s() ** 2;
            foreach ($equation->row as $p => $a) {
                $base = $index[$p] * $n;
                $wa = $weight * $a;
                foreach ($equation->row as $q => $b) {
                    $cells[$base + $index[$q]] += $wa * $b;
                }
            }
        }
        $matrix = new SymmetricMatrix($n, $cells);
        if (! $matrix->factorise()) {
            throw Underdetermined::unknowns($this->unfixed($active, $matrix));
        }

        return [$active, $matrix];
    }

    /**
     * @param list<int> $active
     *
     * @return list<string>
     */
    private function unfixed(array $active, SymmetricMatrix $matrix): array
    {
        $names = [];
        foreach ($matrix->nullVectors() as $vector) {
            foreach ($vector as $i => $component) {
                if (abs($component) > 0.1) {
                    $names[$active[$i]] = $this->layout->names[$active[$i]];
                }
            }
        }
        ksort($names);

        return array_values($names);
    }

    /**
     * @param list<int> $active
     *
     * @return array<int, float> place → how far to move it; places left out stay
     */
    private function step(array $active, SymmetricMatrix $normal): array
    {
        $right = array_fill(0, $this->layout->size(), 0.0);
        foreach ($this->equations as $k => $equation) {
            $observation = $this->network->observations[$k];
            $pull = ((float) $observation->value() - $equation->value) / $observation->s() ** 2;
            foreach ($equation->row as $place => $a) {
                $right[$place] += $a * $pull;
            }
        }
        foreach ($this->layout->priors as $prior) {
            $right[$prior['place']] += ($prior['observed'] - $this->geometry->state[$prior['place']]) / $prior['s'] ** 2;
        }
        $solved = $normal->solve(array_map(static fn(int $place): float => $right[$place], $active));
        $step = [];
        foreach ($active as $i => $place) {
            $step[$place] = $solved[$i];
        }

        return $step;
    }

    /**
     * Moves the state by the step, halved until the sum of squares no longer grows.
     *
     * @param array<int, float> $step receives the step really taken
     */
    private function move(array &$step, float $before): float
    {
        $from = $this->geometry->state;
        for ($halving = 0; ; $halving++) {
            $state = $from;
            foreach ($step as $place => $delta) {
                $state[$place] += $delta;
            }
            $this->geometry = new Geometry($this->layout, $state);
            $after = $this->measure();
            // Rounding alone may raise a sum that is already at its smallest.
            if ($after <= $before * (1 + 1e-12) + 1e-12 || $halving >= self::HALVINGS) {
                return $after;
            }
            foreach ($step as $place => $delta) {
                $step[$place] = $delta / 2;
            }
        }
    }

    /** @param array<int, float> $step */
    private function isStill(array $step): bool
    {
        foreach ($step as $place => $delta) {
            if (! (abs($delta) <= ($this->layout->angular[$place] ? self::STILL_RAD : self::STILL_MM))) {
                return false;
            }
        }

        return true;
    }

    /**
     * The last step moved nothing worth speaking of, so its matrix is that of the solution.
     *
     * @param list<int> $active
     */
    private function solution(int $iterations, array $active, SymmetricMatrix $normal): Solution
    {
        $size = $this->layout->size();
        $covariance = array_fill(0, $size * $size, 0.0);
        foreach ($this->layout->priors as $prior) {
            $covariance[$prior['place'] * $size + $prior['place']] = $prior['s'] ** 2;
        }
        $inverse = $normal->inverse();
        $n = count($active);
        foreach ($active as $i => $p) {
            foreach ($active as $j => $q) {
                $covariance[$p * $size + $q] = $inverse[$i * $n + $j];
            }
        }

        return new Solution($this->network, $this->geometry, $this->equations, $covariance, $iterations);
    }
}
