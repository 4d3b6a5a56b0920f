<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Flag;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** A reading as it was typed, beside its value: mm, or degrees where the unit is "deg"; left and anticlockwise are positive. */
final readonly class ReadingTaken extends Line implements Checked
{
    public const KIND = 'reading';

    /** mm, or degrees where it is an angle */
    public float $value;

    /**
     * @param string|null $datum   heights only: what the height was read to
     * @param string|null $strikes id of the reading it corrects
     * @param bool        $confirmed it lies far outside what was expected, and the person said that the tape shows it
     * @param string|null $instrument what it was taken with, id in the kit; null for the usual one
     * @param float|null  $s         standard uncertainty stated with the reading, in the value's unit, > 0; null for the instrument's
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(null)]
        public string $call,
        #[Text(null)]
        public string $typed,
        #[Number('mm')]
        public ?float $millimetres,
        #[Text(null)]
        public string $unit,
        #[Text(null)]
        public ?string $datum = null,
        #[Text(null)]
        public ?string $strikes = null,
        #[Flag]
        public bool $confirmed = false,
        #[Number('', Number::ABOVE_ZERO)]
        public ?float $s = null,
        #[Number('°')]
        public ?float $degrees = null,
        #[Text(null)]
        public ?string $instrument = null,
    ) {
        parent::__construct($id, $person, $at);
        $this->value = $degrees ?? $millimetres ?? 0.0;
    }

    /** The same once the person has said that the tape shows it. */
    public function confirmed(): self
    {
        return $this->otherwise($this->datum, true);
    }

    /** The same as if it had been read to another datum. */
    public function readTo(string $datum): self
    {
        return $this->otherwise($datum, $this->confirmed);
    }

    private function otherwise(?string $datum, bool $confirmed): self
    {
        return new self(
            id: $this->id,
            person: $this->person,
            at: $this->at,
            call: $this->call,
            typed: $this->typed,
            millimetres: $this->millimetres,
            unit: $this->unit,
            datum: $datum,
            strikes: $this->strikes,
            confirmed: $confirmed,
            s: $this->s,
            degrees: $this->degrees,
            instrument: $this->instrument,
        );
    }

    /** Whether it is an angle, in degrees, rather than a length in mm. */
    public function isAngle(): bool
    {
        return $this->unit === 'deg';
    }

    public function check(Node $node): void
    {
        if ($this->millimetres !== null && $this->degrees !== null) {
            throw InvalidInput::because($node->path() . '/degrees', 'reading.both-units');
        }
        if ($this->millimetres === null && $this->degrees === null) {
            throw InvalidInput::because($node->path() . '/millimetres', 'reading.no-value');
        }
    }

    public static function rule(): array
    {
        return ['oneOf' => [['required' => ['millimetres']], ['required' => ['degrees']]]];
    }
}
