<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

/** What one figure of the car, measured, would make of what an axis could be proven to. */
final readonly class FigureGain
{
    /**
     * @param string $figure as the vehicle's sheet names it
     * @param string $axis   "azimuth" or "elevation"
     * @param float  $now    the set-up's standard uncertainty there with the car known as it is, degrees
     * @param float  $then   the same with the figure measured
     */
    public function __construct(public string $figure, public string $axis, public float $now, public float $then) {}

    /** How much it buys, degrees. */
    public function buys(): float
    {
        return $this->now - $this->then;
    }
}
