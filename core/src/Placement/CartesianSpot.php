<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

/** So far along the reference (forward positive) and across it (left positive), mm, from a datum point. */
final readonly class CartesianSpot implements Spot
{
    /** @param bool $acrossFromDatum across counts from the datum itself, not from its foot on the reference */
    public function __construct(
        private string $datum,
        public float $along,
        public float $across,
        public bool $acrossFromDatum = false,
    ) {}

    public function datum(): string
    {
        return $this->datum;
    }
}
