<?php

declare(strict_types=1);

namespace Lumbro\Core\Record;

/** A reading as it was typed, beside its value in mm; left of the line is positive. */
final readonly class ReadingTaken extends Entry
{
    /**
     * @param string|null $datum   heights only: what the height was read to
     * @param string|null $strikes id of the reading it corrects
     * @param bool        $confirmed it lies far outside what was expected, and the person said that the tape shows it
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        public string $call,
        public string $typed,
        public float $millimetres,
        public string $unit,
        public ?string $datum = null,
        public ?string $strikes = null,
        public bool $confirmed = false,
    ) {
        parent::__construct($id, $person, $at);
    }
}
