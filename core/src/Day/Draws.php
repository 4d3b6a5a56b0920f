<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * Draws that follow from a seed alone, so that the same seed tries the same changes everywhere: a linear congruence.
 *
 * @internal
 */
final class Draws
{
    /** @param int $seed from 0 on */
    public function __construct(private int $seed) {}

    /** A whole number from 0 on, below a bound. */
    public function below(int $bound): int
    {
        return (int) ($this->even() * $bound);
    }

    /** From 0, below 1. */
    public function even(): float
    {
        $this->seed = ($this->seed * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

        return ($this->seed >> 7) / 16_777_216.0;
    }
}
