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

    /** @var array<int, array{int|null, int|null}> equation → places of its instrument's scale and zero, where it has them */
    private readonly array $shared;

    /** @param list<Observation> $observations */
    public function __construct(private readonly array $observations, Layout $layout)
    {
        $all = $folds = $shared = [];
        foreach ($observations as $k => $observation) {
            $places = $observation->unknowns($layout);
            $unique = $places;
            if (count(array_flip($places)) < count($places)) {
                $unique = array_values(array_unique($places));
                $slots = array_flip($unique);
                $folds[$k] = array_map(static fn(int $place): int => $slots[$place], $places);
            }
            $instrument = $observation->instrument();
            if ($instrument !== null) {
                $shared[$k] = [$layout->scale[$instrument] ?? null, $layout->zero[$instrument] ?? null];
                foreach ($shared[$k] as $place) {
                    if ($place !== null) {
                        $unique[] = $place;
                    }
                }
            }
            $all[] = $unique;
        }
        $this->places = $all;
        $this->folds = $folds;
        $this->shared = $shared;
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
                if (isset($this->shared[$k])) {
                    $value = $this->share($k, $value, $row, $at);
                }
                $rows[] = $row;
                $values[] = $value;
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
            $readings[] = $value === null || ! isset($this->shared[$k]) ? $value : $this->share($k, $value, $row, $at);
        }

        return $readings;
    }

    /**
     * What the instrument shows for a true value.
     *
     * @param list<float> $row derivatives of the value; receives those of the reading, the shared errors' at its end
     */
    private function share(int $k, float $value, array &$row, Geometry $at): float
    {
        [$scale, $zero] = $this->shared[$k];
        $shown = $value;
        if ($scale !== null) {
            $factor = 1 + $at->state[$scale];
            $row = array_map(static fn(float $derivative): float => $factor * $derivative, $row);
            $row[] = $value;
            $shown *= $factor;
        }
        if ($zero !== null) {
            $sense = $this->observations[$k]->zeroSense();
            $row[] = (float) $sense;
            $shown += $sense * $at->state[$zero];
        }

        return $shown;
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
