<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

/** What every reading of a length has: its name, what was read in mm, how well, and with what. */
abstract readonly class LengthReading implements Observation
{
    public function __construct(
        private string $id,
        private ?float $value,
        private float $s,
        private ?string $instrument,
    ) {}

    final public function id(): string
    {
        return $this->id;
    }

    final public function value(): ?float
    {
        return $this->value;
    }

    final public function s(): float
    {
        return $this->s;
    }

    final public function isAngle(): bool
    {
        return false;
    }

    final public function instrument(): ?string
    {
        return $this->instrument;
    }
}
