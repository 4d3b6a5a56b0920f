<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** A reading as it was typed, beside its value: mm, or degrees where the unit is "deg"; left and anticlockwise are positive. */
final readonly class ReadingTaken extends Line
{
    /**
     * @param string|null $datum   heights only: what the height was read to
     * @param string|null $strikes id of the reading it corrects
     * @param bool        $confirmed it lies far outside what was expected, and the person said that the tape shows it
     * @param float|null  $s         standard uncertainty stated with the reading, in the value's unit, > 0; null for the instrument's
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        public string $call,
        public string $typed,
        public float $value,
        public string $unit,
        public ?string $datum = null,
        public ?string $strikes = null,
        public bool $confirmed = false,
        public ?float $s = null,
    ) {
        parent::__construct($id, $person, $at);
    }

    /** Whether it is an angle, in degrees, rather than a length in mm. */
    public function isAngle(): bool
    {
        return $this->unit === 'deg';
    }
}
