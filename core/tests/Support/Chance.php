<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Seeded draws, the same at every run. */
final class Chance
{
    private readonly Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** Evenly between two bounds. */
    public function between(float $least, float $most): float
    {
        return $least + ($most - $least) * $this->random->getInt(0, 1 << 30) / (1 << 30);
    }

    /** From the normal distribution around zero. */
    public function normal(float $s = 1.0): float
    {
        $u = ($this->random->getInt(0, (1 << 30) - 1) + 1) / (1 << 30);

        return $s * sqrt(-2 * log($u)) * cos(2 * M_PI * $this->between(0, 1));
    }
}
