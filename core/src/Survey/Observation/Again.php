<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/** A reading taken once more: the same equation under a name of its own. */
final readonly class Again implements Observation
{
    /** @param string $id another than that of the first */
    public function __construct(private string $id, private Observation $first) {}

    public function id(): string
    {
        return $this->id;
    }

    public function value(): ?float
    {
        return $this->first->value();
    }

    public function s(): float
    {
        return $this->first->s();
    }

    public function isAngle(): bool
    {
        return $this->first->isAngle();
    }

    public function instrument(): ?string
    {
        return $this->first->instrument();
    }

    public function zeroSense(): int
    {
        return $this->first->zeroSense();
    }

    public function unknowns(Layout $layout): array
    {
        return $this->first->unknowns($layout);
    }

    public function predict(Geometry $at, array &$row): float
    {
        return $this->first->predict($at, $row);
    }
}
