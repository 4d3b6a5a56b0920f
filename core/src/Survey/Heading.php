<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

/** A named direction in radians: a wheel's rolling direction, or how far a mirror is out of square. */
final readonly class Heading
{
    /**
     * @param float      $angle rad, anticlockwise from the vehicle's x axis
     * @param float|null $s     standard uncertainty, rad, > 0; null for one that is only a guess
     */
    public function __construct(public string $name, public float $angle, public ?float $s = null) {}
}
