<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

/** What every observation has: its name, what was read (mm or radians), how well, and with what. */
abstract readonly class OneReading implements Observation
{
    /** Cosines below this count as zero: rays that run in parallel. */
    protected const PARALLEL = 1e-9;

    /** Points nearer than this, mm, count as one. */
    protected const COINCIDENT = 1e-6;

    /**
     * @param float|null $value mm or rad; null for a reading that is only considered
     * @param float      $s     standard uncertainty, mm or rad, > 0
     */
    public function __construct(
        private string $id,
        private ?float $value,
        private float $s,
        private ?string $instrument = null,
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

    final public function instrument(): ?string
    {
        return $this->instrument;
    }

    public function zeroSense(): int
    {
        return 1;
    }
}
