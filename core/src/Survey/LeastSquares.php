<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\NoConvergence;
use Lumbro\Core\Failure\NoDirection;
use Lumbro\Core\Failure\Underdetermined;
use Lumbro\Core\Numeric\SymmetricMatrix;

/**
 * Weighted least squares by Gauss–Newton with step halving (maths, section 2).
 *
 * Unknowns that no observation touches keep their prior and take no part in the matrix.
 */
final class LeastSquares
{
    private const HALVINGS = 40;
    private const STILL_MM = 1e-6;
    private const STILL_RAD = 1e-9;

    /** Redundancies that miss their sum by so much come from derivatives that change within a millionth of a mm. */
    private const MEANINGLESS = 0.01;

    /** Beyond what any bay needs; the work grows with the cube of it. */
    private const MOST_UNKNOWNS = 150;

    /** Equations evaluated in all, after which a search that has not settled is given up: half a second's work. */
    private const MOST_WORK = 200_000;

    /** So many unknowns' cube costs one equation's evaluation in factorising. */
    private const CUBES = 600;

    private readonly Layout $layout;

    private readonly EquationSystem $system;

    private Geometry $geometry;

    /** @var list<float> what was read, in the order of the observations */
    private array $observed = [];

    /** @var list<float> 1/s², in the same order */
    private array $weights = [];

    /** @var list<float> read less predicted, at the present geometry */
    private array $misses = [];

    /** @var list<int> unknowns that take part in the matrix, in its order */
    private array $active = [];

    /** @var list<list<int>> the matrix rows of each equation's unknowns */
    private array $rows = [];

    /** @var list<list<int>> for each equation the matrix cells of the pairs of its derivatives, (0,0), (1,0), (1,1), (2,0) … */
    private array $cells = [];

    /** @var list<float> each prior's 1/s² */
    private array $priorWeights = [];

    /** @var list<int> its row in the matrix, or −1 */
    private array $priorRows = [];

    /** Equations evaluated so far, and what else took as long. */
    private int $work = 0;

    private function __construct(private readonly Network $network)
    {
        $this->layout = new Layout($network);
        if ($this->layout->size() > self::MOST_UNKNOWNS) {
            throw InvalidInput::because('', 'survey.too-many-unknowns', ['count' => $this->layout->size(), 'most' => self::MOST_UNKNOWNS]);
        }
        foreach ($network->observations as $k => $observation) {
            $this->observed[] = $observation->value() ?? throw InvalidInput::missing("/observations/$k", 'value');
            $this->weights[] = 1 / $observation->s() ** 2;
        }
        $this->system = new EquationSystem($network->observations, $this->layout);
        $this->geometry = new Geometry($this->layout, $this->layout->start);
        $this->choose();
    }

    /**
     * @throws Underdetermined where an unknown is fixed by no reading
     * @throws NoConvergence   after the network's rounds without rest, or where the search rests on a place without directions
     * @throws InvalidInput    where a reading has no value, or says nothing where the points stand
     */
    public static function solve(Network $network): Solution
    {
        return (new self($network))->run();
    }

    /** Picks the unknowns that observations touch or nothing else fixes, and where in the matrix each equation works. */
    private function choose(): void
    {
        $touched = [];
        foreach ($this->system->places as $places) {
            foreach ($places as $place) {
                $touched[$place] = true;
            }
        }
        $held = array_flip($this->layout->priors);
        $index = [];
        for ($place = 0; $place < $this->layout->size(); $place++) {
            if (isset($touched[$place]) || ! isset($held[$place])) {
                $index[$place] = count($this->active);
                $this->active[] = $place;
            }
        }
        $n = count($this->active);
        foreach ($this->system->places as $places) {
            $rows = [];
            $cells = [];
            foreach ($places as $place) {
                $rows[] = $row = $index[$place];
                foreach ($rows as $column) {
                    $cells[] = $row > $column ? $row * $n + $column : $column * $n + $row;
                }
            }
            $this->rows[] = $rows;
            $this->cells[] = $cells;
        }
        foreach ($this->layout->priors as $i => $place) {
            $this->priorWeights[] = 1 / $this->layout->priorS[$i] ** 2;
            $this->priorRows[] = $index[$place] ?? -1;
        }
    }

    private function run(): Solution
    {
        try {
            $sum = $this->measure();
        } catch (NoDirection $failure) {
            throw $failure->inList('/observations');
        }
        for ($iteration = 1; $iteration <= $this->network->rounds; $iteration++) {
            [$matrix, $right] = $this->normalEquations();
            $this->work += intdiv(count($this->active) ** 3, self::CUBES);
            if (! $matrix->factorise() || ($iteration === 1 && ! $matrix->isWellConditioned())) {
                throw $this->underdetermined($matrix);
            }
            $step = $matrix->solve($right);
            $sum = $this->move($step, $sum);
            if ($this->isStill($step)) {
                return $this->solution($iteration, $matrix);
            }
        }

        throw NoConvergence::after($this->network->rounds);
    }

    /**
     * Evaluates all equations at the present geometry; the weighted sum of squares.
     *
     * @throws NoDirection where an observation says nothing there
     */
    private function measure(): float
    {
        $this->work += count($this->observed);
        if ($this->work > self::MOST_WORK) {
            throw NoConvergence::afterMuchWork();
        }
        $this->system->evaluate($this->geometry);
        $sum = 0.0;
        $misses = [];
        $observed = $this->observed;
        $weights = $this->weights;
        foreach ($this->system->values as $k => $value) {
            $misses[] = $miss = $observed[$k] - $value;
            $sum += $miss * $miss * $weights[$k];
        }
        $this->misses = $misses;
        $state = $this->geometry->state;
        $start = $this->layout->start;
        $weights = $this->priorWeights;
        foreach ($this->layout->priors as $i => $place) {
            $miss = $start[$place] - $state[$place];
            $sum += $miss * $miss * $weights[$i];
        }

        return $sum;
    }

    /**
     * The normal equations over the active unknowns: their matrix and right-hand side.
     *
     * @return array{SymmetricMatrix, array<int, float>}
     */
    private function normalEquations(): array
    {
        $n = count($this->active);
        $matrix = array_fill(0, $n * $n, 0.0);
        $right = array_fill(0, $n, 0.0);
        $state = $this->geometry->state;
        $start = $this->layout->start;
        foreach ($this->layout->priors as $i => $place) {
            $row = $this->priorRows[$i];
            if ($row >= 0) {
                $weight = $this->priorWeights[$i];
                $matrix[$row * ($n + 1)] = $weight;
                $right[$row] = ($start[$place] - $state[$place]) * $weight;
            }
        }
        foreach ($this->system->rows as $k => $derivatives) {
            $weight = $this->weights[$k];
            $miss = $this->misses[$k];
            $rows = $this->rows[$k];
            $cells = $this->cells[$k];
            $pair = 0;
            foreach ($derivatives as $i => $a) {
                $wa = $weight * $a;
                $right[$rows[$i]] += $wa * $miss;
                for ($j = 0; $j <= $i; $j++) {
                    $matrix[$cells[$pair++]] += $wa * $derivatives[$j];
                }
            }
        }

        return [new SymmetricMatrix($n, $matrix), $right];
    }

    private function underdetermined(SymmetricMatrix $matrix): Underdetermined
    {
        return Underdetermined::unknowns($matrix->unfixed(
            array_map(fn(int $place): string => $this->layout->names[$place], $this->active),
        ));
    }

    /**
     * Moves the active unknowns by the step, halved until the sum of squares no longer grows.
     *
     * @param list<float> $step in the matrix's order; receives the step really taken
     */
    private function move(array &$step, float $before): float
    {
        $from = $this->geometry->state;
        for ($halving = 0; ; $halving++) {
            $state = $from;
            foreach ($this->active as $i => $place) {
                $state[$place] += $step[$i];
            }
            $this->geometry = new Geometry($this->layout, $state);
            try {
                $after = $this->measure();
            } catch (NoDirection) {
                // A step onto a place where a reading says nothing goes too far.
                $after = INF;
            }
            // Rounding alone may raise a sum that is already at its smallest.
            if ($after <= $before * (1 + 1e-12) + 1e-12 || ($halving >= self::HALVINGS && $after < INF)) {
                return $after;
            }
            if ($halving > 2 * self::HALVINGS) {
                throw NoConvergence::after($halving);
            }
            $step = array_map(static fn(float $delta): float => $delta / 2, $step);
        }
    }

    /** @param list<float> $step */
    private function isStill(array $step): bool
    {
        foreach ($step as $i => $delta) {
            if (! (abs($delta) <= ($this->layout->angular[$this->active[$i]] ? self::STILL_RAD : self::STILL_MM))) {
                return false;
            }
        }

        return true;
    }

    /** The last step moved nothing worth speaking of, so its matrix is that of the solution. */
    private function solution(int $iterations, SymmetricMatrix $normal): Solution
    {
        if (! $normal->isWellConditioned()) {
            throw $this->underdetermined($normal);
        }
        $size = $this->layout->size();
        $inverse = $normal->inverse();
        if (count($this->active) < $size) {
            $covariance = array_fill(0, $size * $size, 0.0);
            foreach ($this->layout->priors as $i => $place) {
                $covariance[$place * ($size + 1)] = $this->layout->priorS[$i] ** 2;
            }
            $cell = 0;
            foreach ($this->active as $p) {
                $base = $p * $size;
                foreach ($this->active as $q) {
                    $covariance[$base + $q] = $inverse[$cell++];
                }
            }
            $inverse = $covariance;
        }

        $solution = new Solution($this->network, $this->geometry, $this->system, $inverse, $iterations);
        // What the readings check adds up to what they exceed the unknowns by, unless a derivative means nothing.
        if (! (abs($solution->redundancy - $solution->degreesOfFreedom) < self::MEANINGLESS)) {
            throw NoConvergence::betweenCoincident();
        }

        return $solution;
    }
}
