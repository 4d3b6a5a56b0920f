<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** The clock of a step that waits was started. */
final readonly class StepBegun extends Line
{
    /** @param string $step of the card */
    public function __construct(string $id, string $person, string $at, public string $step)
    {
        parent::__construct($id, $person, $at);
    }
}
