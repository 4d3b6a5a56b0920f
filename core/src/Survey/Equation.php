<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

use Lumbro\Core\Failure\NoDirection;
use Lumbro\Core\Survey\Observation\Observation;

/** An observation's predicted reading at a state of the plan, shared instrument errors included. */
final readonly class Equation
{
    /**
     * @param float             $value mm or rad
     * @param array<int, float> $row   unknown's place → derivative of the reading
     */
    public function __construct(public float $value, public array $row) {}

    /** @throws NoDirection where the reading says nothing at this state */
    public static function of(Observation $observation, Geometry $at): self
    {
        $system = new EquationSystem([$observation], $at->layout);
        $system->evaluate($at);

        return $system->equation(0);
    }
}
