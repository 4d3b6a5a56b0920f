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
     * @param Vertical|null        $vertical  null where the car stands exactly upright
     * @param list<Level>          $levels    laser planes over the floor
     * @param array<string, float> $bounds    id of an observation or prior → the largest error of it that could pass unseen: mm, rad, or what its unit is
     * @param Judgement|null       $judgement when the readings contradict each other; that of the first rule set where none is given
     */
    public function __construct(
        public array $points,
        public array $bodies,
        public array $headings,
        public array $instruments,
        public array $observations,
        public ?Vertical $vertical = null,
        public array $levels = [],
        public array $bounds = [],
        public ?Judgement $judgement = null,
    ) {}
}
