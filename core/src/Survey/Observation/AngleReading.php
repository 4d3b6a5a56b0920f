<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Numeric\Angle;

/** What every reading of an angle has: its name, what was read in radians, and how well. No instrument errors are shared. */
abstract readonly class AngleReading implements Observation
{
    public function __construct(private string $id, private ?float $value, private float $s) {}

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
        return true;
    }

    final public function instrument(): ?string
    {
        return null;
    }

    /** The same angle, as near to the reading as full turns bring it. */
    final protected function nearReading(float $angle): float
    {
        return $this->value === null ? Angle::wrap($angle) : $this->value + Angle::wrap($angle - $this->value);
    }
}
