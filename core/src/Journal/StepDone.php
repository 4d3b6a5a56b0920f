<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** A step of the card's procedure that a person does was done. */
final readonly class StepDone extends Line
{
    /** @param float|null $waited how long was waited, seconds, where the step asks for a wait */
    public function __construct(string $id, string $person, string $at, public string $step, public ?float $waited = null)
    {
        parent::__construct($id, $person, $at);
    }
}
