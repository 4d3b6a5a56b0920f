<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

use Lumbro\Core\Survey\Observation\Observation;

/** An observation's predicted reading at a state of the plan, shared instrument errors included. */
final readonly class Equation
{
    /** @param array<int, float> $row unknown's place → derivative of the reading */
    private function __construct(public float $value, public array $row) {}

    public static function of(Observation $observation, Geometry $at): self
    {
        $row = [];
        $value = $observation->predict($at, $row);
        $instrument = $observation->instrument();
        if ($instrument === null) {
            return new self($value, $row);
        }
        $reading = $value;
        $scale = $at->layout->scale[$instrument] ?? null;
        if ($scale !== null) {
            $factor = 1 + $at->state[$scale];
            foreach ($row as $place => $derivative) {
                $row[$place] = $factor * $derivative;
            }
            $row[$scale] = $value;
            $reading *= $factor;
        }
        $zero = $at->layout->zero[$instrument] ?? null;
        if ($zero !== null) {
            $row[$zero] = 1.0;
            $reading += $at->state[$zero];
        }

        return new self($reading, $row);
    }
}
