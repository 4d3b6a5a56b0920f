<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

use Lumbro\Core\Failure\NoDirection;
use Lumbro\Core\Survey\Observation\Observation;

/**
 * The equations of a list of observations over one layout (maths, section 2), kept in flat lists: which unknowns an
 * equation has is found once, its reading and derivatives anew at every state of the plan.
 *
 * Reading = (1 + scale)·value + zero, with the errors that the instrument's readings share.
 */
final class EquationSystem
{
    /** @var list<list<int>> the places of each equation's unknowns, each once */
    public readonly array $places;

    /** @var list<list<float>> derivatives by them, at the state evaluated last */
    public array $rows = [];

    /** @var list<float> predicted readings there, mm or rad */
    public array $values = [];

    /** @var array<int, list<int>> where an observation names an unknown twice: its derivative → its place among the places */
    private readonly array $folds;

    /** @var array<int, int> equation → place of its instrument's scale */
    private readonly array $scales;

    /** @var array<int, int> equation → place of its instrument's zero */
    private readonly array $zeros;

    /** @param list<Observation> $observations */
    public function __construct(private readonly array $observations, Layout $layout)
    {
        $all = $folds = $scales = $zeros = [];
        foreach ($observations as $k => $observation) {
            $unique = [];
            $slots = [];
            $seen = [];
            $places = $observation->unknowns($layout);
            foreach ($places as $place) {
                if (! isset($seen[$place])) {
                    $seen[$place] = count($unique);
                    $unique[] = $place;
                }
                $slots[] = $seen[$place];
            }
            if (count($unique) < count($places)) {
                $folds[$k] = $slots;
            }
            $instrument = $observation->instrument();
            if ($instrument !== null) {
                if (isset($layout->scale[$instrument])) {
                    $unique[] = $scales[$k] = $layout->scale[$instrument];
                }
                if (isset($layout->zero[$instrument])) {
                    $unique[] = $zeros[$k] = $layout->zero[$instrument];
                }
            }
            $all[] = $unique;
        }
        $this->places = $all;
        $this->folds = $folds;
        $this->scales = $scales;
        $this->zeros = $zeros;
    }

    /**
     * Sets the readings and derivatives to those at a state of the plan.
     *
     * @throws NoDirection naming the observation that says nothing there
     */
    public function evaluate(Geometry $at): void
    {
        $rows = $values = [];
        $k = 0;
        try {
            foreach ($this->observations as $k => $observation) {
                $row = [];
                $value = $observation->predict($at, $row);
                if (isset($this->folds[$k])) {
                    $row = self::folded($row, $this->folds[$k]);
                }
                if (isset($this->scales[$k])) {
                    $factor = 1 + $at->state[$this->scales[$k]];
                    foreach ($row as $i => $derivative) {
                        $row[$i] = $factor * $derivative;
                    }
                    $row[] = $value;
                }
                if (isset($this->zeros[$k])) {
                    $row[] = 1.0;
                }
                $rows[] = $row;
                $values[] = $this->shown($k, $value, $at);
            }
        } catch (NoDirection $failure) {
            throw $failure->ofObservation($k);
        }
        $this->rows = $rows;
        $this->values = $values;
    }

    /**
     * What would be read at a state of the plan.
     *
     * @return list<float|null> mm or rad; null where nothing would be, such as a beam that runs along its bar
     */
    public function readings(Geometry $at): array
    {
        $readings = [];
        foreach ($this->observations as $k => $observation) {
            $row = [];
            try {
                $value = $observation->predict($at, $row);
            } catch (NoDirection $failure) {
                $value = $failure->reading();
            }
            $readings[] = $value === null ? null : $this->shown($k, $value, $at);
        }

        return $readings;
    }

    /** What the instrument shows for a true value. */
    private function shown(int $k, float $value, Geometry $at): float
    {
        if (isset($this->scales[$k])) {
            $value *= 1 + $at->state[$this->scales[$k]];
        }

        return isset($this->zeros[$k]) ? $value + $at->state[$this->zeros[$k]] : $value;
    }

    /** One equation at the state evaluated last. */
    public function equation(int $k): Equation
    {
        return new Equation($this->values[$k], array_combine($this->places[$k], $this->rows[$k]));
    }

    /**
     * @param list<float> $row
     * @param list<int>   $slots
     *
     * @return list<float>
     */
    private static function folded(array $row, array $slots): array
    {
        $folded = [];
        foreach ($row as $i => $derivative) {
            $folded[$slots[$i]] = ($folded[$slots[$i]] ?? 0.0) + $derivative;
        }

        return array_values($folded);
    }
}
