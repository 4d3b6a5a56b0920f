<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

/** The true vertical in the car's frame: how far the car is pitched nose-up and rolled left-up, rad (maths, section 2.2). */
final readonly class Vertical
{
    /**
     * @param float      $pitch  rad, nose-up positive
     * @param float      $roll   rad, left-up positive
     * @param float|null $sPitch standard uncertainty, rad, > 0; null for a pitch that is only a guess
     * @param float|null $sRoll  the same of the roll
     */
    public function __construct(public float $pitch, public float $roll, public ?float $sPitch = null, public ?float $sRoll = null) {}
}
