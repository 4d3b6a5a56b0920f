<?php

declare(strict_types=1);

namespace Lumbro\Core\Practice;

/** Normal noise that depends on a seed and on what it is for, and on nothing else. */
final readonly class SeededNoise
{
    /** @param int $seed of the scenario */
    public function __construct(private int $seed) {}

    /** A draw with mean 0 and standard deviation 1 (Box and Muller). */
    public function draw(string $for): float
    {
        $bytes = hash('sha256', $this->seed . '|' . $for);
        $u = (hexdec(substr($bytes, 0, 12)) + 1) / (2 ** 48 + 1);
        $v = hexdec(substr($bytes, 12, 12)) / 2 ** 48;

        return sqrt(-2 * log($u)) * cos(2 * M_PI * $v);
    }

    /** An even draw from 0 to 1. */
    public function even(string $for): float
    {
        return hexdec(substr(hash('sha256', $this->seed . '|even|' . $for), 0, 12)) / 2 ** 48;
    }
}
