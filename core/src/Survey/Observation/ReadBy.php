<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/** A reading taken with another instrument than is usual for it: the same equation with that one's shared errors. */
final readonly class ReadBy implements Observation
{
    /** @param string $instrument one of the network's */
    public function __construct(private Observation $reading, private string $instrument) {}

    public function id(): string
    {
        return $this->reading->id();
    }

    public function value(): ?float
    {
        return $this->reading->value();
    }

    public function s(): float
    {
        return $this->reading->s();
    }

    public function isAngle(): bool
    {
        return $this->reading->isAngle();
    }

    public function instrument(): ?string
    {
        // Where no instrument's error counts, none of the other's does.
        return $this->reading->instrument() === null ? null : $this->instrument;
    }

    public function zeroSense(): int
    {
        return $this->reading->zeroSense();
    }

    public function unknowns(Layout $layout): array
    {
        return $this->reading->unknowns($layout);
    }

    public function predict(Geometry $at, array &$row): float
    {
        return $this->reading->predict($at, $row);
    }
}
