<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

use Lumbro\Core\Survey\Observation\Observation;

/**
 * The survey of one set-up: what is unknown and what was observed of it (maths, section 2).
 *
 * Names of points, bodies and bodies' points are unique together; a body's name is also that of its origin.
 */
final readonly class Network
{
    /**
     * @param list<SurveyPoint> $points
     * @param list<Body>        $bodies
     * @param list<Heading>     $headings
     * @param list<Instrument>  $instruments
     * @param list<Observation> $observations
     */
    public function __construct(
        public array $points,
        public array $bodies,
        public array $headings,
        public array $instruments,
        public array $observations,
    ) {}
}
