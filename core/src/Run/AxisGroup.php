<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

use Lumbro\Core\Journal\RunMade;

/** Readings of the axis with nothing changed between them. */
final class AxisGroup
{
    /** @var list<RunMade> */
    public array $runs = [];

    /** @var list<float> reading → how far the stand was nudged away then, mm */
    public array $nudges = [];

    /**
     * @param int   $position    of the stand
     * @param int   $corrections made before
     * @param float $shift       of the target along its bar, mm, the car's left positive; 0 where it belongs
     */
    public function __construct(public readonly int $position, public readonly int $corrections, public readonly float $shift, private readonly int $changes) {}

    /** Takes a reading with the stand nudged so far, mm. */
    public function add(RunMade $run, float $nudge): void
    {
        $this->runs[] = $run;
        $this->nudges[] = $nudge;
    }

    /** Whether a reading taken so belongs here. */
    public function goesOnAt(int $position, int $corrections, float $shift, int $changes): bool
    {
        return $this->position === $position && $this->corrections === $corrections && $this->shift === $shift && $this->changes === $changes;
    }
}
