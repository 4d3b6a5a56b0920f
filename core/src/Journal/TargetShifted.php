<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** The target was shifted along its bar for a shift test, or put back where it was. */
final readonly class TargetShifted extends Line
{
    /** @param float $across from where it belongs, mm, the car's left positive; 0 where it is back */
    public function __construct(string $id, string $person, string $at, public float $across, public string $typed)
    {
        parent::__construct($id, $person, $at);
    }
}
