<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

/** The bay the car stands in: its outline in the vehicle frame (mm) and what is known of its floor. */
final readonly class Bay
{
    /**
     * @param list<array{float, float}> $outline
     * @param float                     $sFloor  standard uncertainty of a floor height where it is not surveyed, mm
     */
    public function __construct(public string $name, public array $outline, public float $sFloor) {}
}
