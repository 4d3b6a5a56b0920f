<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Bay;

/** A floor survey that a bay keeps: staff readings under a level laser plane, taken once for many cars. */
final readonly class FloorSurvey
{
    /**
     * @param string                                           $date      when it was taken
     * @param string                                           $by        who took it
     * @param float                                            $s         standard uncertainty of one staff reading, mm, > 0
     * @param float                                            $laserTilt standard uncertainty of the laser plane's slope, mm per m, ≥ 0
     * @param list<array{x: float, y: float, reading: float}> $points    mm; four or more, not in one line
     */
    public function __construct(public string $date, public string $by, public float $s, public float $laserTilt, public array $points) {}
}
