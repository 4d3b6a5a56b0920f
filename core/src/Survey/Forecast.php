<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Numeric\Eigen;
use Lumbro\Core\Survey\Observation\Observation;

/**
 * What a survey would say with some of its candidates read, before any of them is: uncertainties and hidden errors need
 * the geometry only (maths, section 2.3). Linearised where the search starts.
 *
 * Directions that nothing fixes yet are kept apart: the rest has a covariance, and a chosen reading either fixes such a
 * direction or leaves figures that lie in it free.
 */
final readonly class Forecast
{
    /** Eigenvalues of the scaled normal matrix under this share of the largest are directions that nothing fixes. */
    private const SINGULAR = 1e-12;

    /** A figure with more of its gradient than this in such directions is free. */
    private const FREE = 1e-6;

    /** @var list<Checked> observations taken already, the candidates, then priors; their redundancy is not known here */
    private array $equations;

    /** @var array<int, array<int, float>> covariance of each equation and figure with each, without the free directions */
    private array $shared;

    /** @var array<int, array<int, float>> what each equation and figure has of each free direction */
    private array $free;

    /** @var list<float> length of each figure's scaled gradient */
    private array $lengths;

    private int $taken;

    private int $candidates;

    /**
     * @param list<Observation>    $candidates
     * @param array<string, float> $bounds     id of a candidate → the largest error of it that could pass unseen
     * @param list<Dual>           $figures    at the network's start
     *
     * @throws \Lumbro\Core\Failure\NoDirection where a reading would say nothing there
     */
    public function __construct(Network $network, Geometry $start, array $candidates, array $bounds, array $figures)
    {
        $layout = $start->layout;
        $size = $layout->size();
        $equations = [];
        $bounds += $network->bounds;
        foreach ([...$network->observations, ...$candidates] as $observation) {
            $row = self::felt(Equation::of($observation, $start)->row);
            $equations[] = new Checked($observation->id(), array_keys($row), array_values($row), $observation->s(), 0.0, $bounds[$observation->id()] ?? null);
        }
        $this->taken = count($network->observations);
        $this->candidates = count($candidates);
        foreach ($layout->priors as $i => $place) {
            $equations[] = new Checked($layout->names[$place], [$place], [1.0], $layout->priorS[$i], 0.0, $bounds[$layout->names[$place]] ?? null);
        }
        $this->equations = $equations;
        $normal = array_fill(0, $size * $size, 0.0);
        $weights = array_fill(0, $size, 0.0);
        foreach ($equations as $i => $one) {
            $stands = $i < $this->taken || $i >= $this->taken + $this->candidates;
            foreach ($one->row as $j => $a) {
                $weights[$one->places[$j]] += $a * $a / ($one->s * $one->s);
                foreach ($stands ? $one->row : [] as $k => $b) {
                    $normal[$one->places[$j] * $size + $one->places[$k]] += $a * $b / ($one->s * $one->s);
                }
            }
        }
        // In the measure of all that could be read: of what is read so far, rounding alone may hold an unknown.
        $scale = array_map(static fn(float $weight): float => $weight > 0 ? 1 / sqrt($weight) : 1.0, $weights);
        foreach ($normal as $cell => $value) {
            $normal[$cell] = $value * $scale[intdiv($cell, $size)] * $scale[$cell % $size];
        }
        $eigen = Eigen::of($size, $normal);
        $vectors = array_map(
            static fn(Checked|Dual $one): array => $one instanceof Checked ? array_combine($one->places, $one->row) : $one->gradient,
            [...$equations, ...$figures],
        );
        $along = array_map(static function (array $vector) use ($eigen, $scale): array {
            $components = [];
            foreach ($eigen->vectors as $direction) {
                $sum = 0.0;
                foreach ($vector as $place => $derivative) {
                    $sum += $derivative * $scale[$place] * $direction[$place];
                }
                $components[] = $sum;
            }

            return $components;
        }, $vectors);
        $least = self::SINGULAR * max([0.0, ...$eigen->values]);
        $fixed = array_keys(array_filter($eigen->values, static fn(float $value): bool => $value > $least));
        $loose = array_keys(array_filter($eigen->values, static fn(float $value): bool => $value <= $least));
        $shared = $free = [];
        foreach ($along as $i => $a) {
            foreach ($along as $j => $b) {
                if ($j <= $i) {
                    $sum = 0.0;
                    foreach ($fixed as $k) {
                        $sum += $a[$k] * $b[$k] / $eigen->values[$k];
                    }
                    $shared[$i][$j] = $shared[$j][$i] = $sum;
                }
            }
            $free[] = array_map(static fn(int $k): float => $a[$k], $loose);
        }
        ksort($shared);
        $this->shared = array_values($shared);
        $this->free = $free;
        $this->lengths = array_map(static fn(array $a): float => sqrt(array_sum(array_map(static fn(float $x): float => $x * $x, $a))), array_slice($along, count($equations)));
    }

    /**
     * A row without what rounding left in it: an unknown that a reading does not feel would be held by nothing else.
     *
     * @param array<int, float> $row
     *
     * @return array<int, float>
     */
    private static function felt(array $row): array
    {
        $least = self::SINGULAR * max([0.0, ...array_map(abs(...), array_values($row))]);

        return array_filter($row, static fn(float $derivative): bool => abs($derivative) > $least);
    }

    /**
     * What each figure would be known to with these candidates read.
     *
     * @param list<int> $chosen indices of candidates, rising
     *
     * @return list<array{uncertainty: float|null, hidden: Hidden|null}> null where the figure would be free
     */
    public function with(array $chosen): array
    {
        $rows = array_map(fn(int $candidate): int => $this->taken + $candidate, $chosen);
        $gain = $this->gain($rows);
        $loose = $this->loosened($rows, $gain);
        $read = [...($this->taken > 0 ? range(0, $this->taken - 1) : []), ...$rows];
        for ($i = $this->taken + $this->candidates; $i < count($this->equations); $i++) {
            $read[] = $i;
        }
        $equations = array_map(fn(int $i): Checked => $this->equations[$i], $read);
        $parts = [];
        foreach ($read as $i) {
            $parts[$i] = $this->parts($i, $rows, $gain, $loose);
        }
        $redundancy = [];
        foreach ($read as $i) {
            $s = $this->equations[$i]->s;
            $redundancy[] = 1 - $this->covariance($i, $i, $parts[$i], $parts[$i]) / ($s * $s);
        }
        $said = [];
        foreach ($this->lengths as $figure => $length) {
            $at = count($this->equations) + $figure;
            $own = $this->parts($at, $rows, $gain, $loose);
            if ($own['free'] > self::FREE * $length) {
                $said[] = ['uncertainty' => null, 'hidden' => null];
                continue;
            }
            $carried = array_map(fn(int $i): float => $this->covariance($at, $i, $own, $parts[$i]), $read);
            $said[] = [
                'uncertainty' => sqrt(max(0.0, $this->covariance($at, $at, $own, $own))),
                'hidden' => Hidden::of($equations, $carried, $redundancy),
            ];
        }

        return $said;
    }

    /**
     * The inverse of the covariance of the chosen readings themselves, flat.
     *
     * @param list<int> $rows
     *
     * @return array<int, array<int, float>>
     */
    private function gain(array $rows): array
    {
        $cells = [];
        foreach ($rows as $i) {
            foreach ($rows as $j) {
                $cells[] = $this->shared[$i][$j] + ($i === $j ? $this->equations[$i]->s ** 2 : 0.0);
            }
        }

        return self::inverse(count($rows), $cells, 0.0)[0];
    }

    /**
     * How the chosen readings fix the free directions: their weights there, what they weigh inverted, and the
     * directions that stay free.
     *
     * @param list<int>         $rows
     * @param array<int, array<int, float>> $gain
     *
     * @return array{weights: array<int, array<int, float>>, inverse: array<int, array<int, float>>, left: array<int, array<int, float>>}
     */
    private function loosened(array $rows, array $gain): array
    {
        $directions = count($this->free[0] ?? []);
        $weights = [];
        foreach ($rows as $i => $_) {
            for ($d = 0; $d < $directions; $d++) {
                $sum = 0.0;
                foreach ($rows as $j => $row) {
                    $sum += $gain[$i][$j] * $this->free[$row][$d];
                }
                $weights[$i][$d] = $sum;
            }
        }
        $cells = array_fill(0, $directions * $directions, 0.0);
        foreach ($rows as $i => $row) {
            for ($d = 0; $d < $directions; $d++) {
                for ($e = 0; $e < $directions; $e++) {
                    $cells[$d * $directions + $e] += $this->free[$row][$d] * $weights[$i][$e];
                }
            }
        }
        // In the measure of all that could be read each direction has a weight of 1 at most: what rounding leaves is none.
        [$inverse, $left] = self::inverse($directions, $cells, self::SINGULAR);

        return ['weights' => $weights, 'inverse' => $inverse, 'left' => $left];
    }

    /**
     * What an equation or figure shares with the chosen readings, what of the free directions they do not explain, and
     * how much of it stays free.
     *
     * @param list<int>                                                                                        $rows
     * @param array<int, array<int, float>>                                                                                $gain
     * @param array{weights: array<int, array<int, float>>, inverse: array<int, array<int, float>>, left: array<int, array<int, float>>} $loose
     *
     * @return array{shared: list<float>, gained: list<float>, loose: list<float>, fixed: list<float>, free: float}
     */
    private function parts(int $at, array $rows, array $gain, array $loose): array
    {
        $shared = array_map(fn(int $row): float => $this->shared[$at][$row], $rows);
        $gained = [];
        foreach ($gain as $line) {
            $sum = 0.0;
            foreach ($line as $j => $cell) {
                $sum += $cell * $shared[$j];
            }
            $gained[] = $sum;
        }
        $open = $this->free[$at];
        foreach ($open as $d => $component) {
            foreach ($shared as $i => $value) {
                $component -= $value * $loose['weights'][$i][$d];
            }
            $open[$d] = $component;
        }
        $fixed = [];
        foreach ($loose['inverse'] as $line) {
            $sum = 0.0;
            foreach ($line as $d => $cell) {
                $sum += $cell * $open[$d];
            }
            $fixed[] = $sum;
        }
        $free = 0.0;
        foreach ($loose['left'] as $direction) {
            $sum = 0.0;
            foreach ($direction as $d => $cell) {
                $sum += $cell * $this->free[$at][$d];
            }
            $free += $sum * $sum;
        }

        return ['shared' => $shared, 'gained' => $gained, 'loose' => $open, 'fixed' => $fixed, 'free' => sqrt($free)];
    }

    /**
     * @param array{shared: list<float>, gained: list<float>, loose: list<float>, fixed: list<float>, free: float} $first
     * @param array{shared: list<float>, gained: list<float>, loose: list<float>, fixed: list<float>, free: float} $second
     */
    private function covariance(int $a, int $b, array $first, array $second): float
    {
        $sum = $this->shared[$a][$b];
        foreach ($first['shared'] as $i => $value) {
            $sum -= $value * $second['gained'][$i];
        }
        foreach ($first['loose'] as $d => $value) {
            $sum += $value * $second['fixed'][$d];
        }

        return $sum;
    }

    /**
     * The inverse of a symmetric matrix on what it weighs, and the directions that it does not.
     *
     * @param array<int, float> $cells
     * @param float       $least weight under which a direction counts as without any; 0 where all have some, and are
     *                           taken in a measure of their own
     *
     * @return array{array<int, array<int, float>>, array<int, array<int, float>>}
     */
    private static function inverse(int $n, array $cells, float $least): array
    {
        if ($n === 0) {
            return [[], []];
        }
        $scale = [];
        for ($i = 0; $i < $n; $i++) {
            $scale[] = $least <= 0 && $cells[$i * ($n + 1)] > 0 ? 1 / sqrt($cells[$i * ($n + 1)]) : 1.0;
        }
        foreach ($cells as $cell => $value) {
            $cells[$cell] = $value * $scale[intdiv($cell, $n)] * $scale[$cell % $n];
        }
        $eigen = Eigen::of($n, $cells);
        $inverse = array_fill(0, $n, array_fill(0, $n, 0.0));
        $left = [];
        foreach ($eigen->values as $k => $value) {
            $vector = $eigen->vectors[$k];
            if ($value <= $least) {
                // Back in the directions' own measure, of length 1.
                $own = array_map(static fn(float $x, float $d): float => $x * $d, $vector, $scale);
                $length = sqrt(array_sum(array_map(static fn(float $x): float => $x * $x, $own)));
                $left[] = array_map(static fn(float $x): float => $x / $length, $own);
                continue;
            }
            for ($i = 0; $i < $n; $i++) {
                for ($j = 0; $j < $n; $j++) {
                    $inverse[$i][$j] += $vector[$i] * $vector[$j] / $value * $scale[$i] * $scale[$j];
                }
            }
        }

        return [$inverse, $left];
    }
}
