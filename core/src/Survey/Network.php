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
    /** Half the width within which a point lies of which nobody says how far off it could be, mm. */
    private const ANYWHERE = 50.0;

    /** What a search may take (maths, section 2). */
    public const ROUNDS = 50;

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
     * @param int                  $rounds    so often the search for the solution may go round, > 0
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
        public int $rounds = self::ROUNDS,
    ) {}

    /** The same with some priors, such as "FL.y" or "#rule.zero", known no better than within what they could be off unseen. */
    public function doubting(string ...$coordinates): self
    {
        $points = array_map(function (SurveyPoint $point) use ($coordinates): SurveyPoint {
            $s = ['x' => $point->sx, 'y' => $point->sy, 'z' => $point->sz];
            foreach ($s as $axis => $known) {
                $id = "$point->name.$axis";
                if (in_array($id, $coordinates, true) && $known !== null && $known > 0) {
                    $s[$axis] = max($known, ($this->bounds[$id] ?? self::ANYWHERE) / sqrt(3));
                }
            }

            return new SurveyPoint($point->name, $point->x, $point->y, $s['x'], $s['y'], $point->z, $s['z']);
        }, $this->points);
        $wide = fn(string $id, ?float $s): ?float => $s === null || ! in_array($id, $coordinates, true) || ! isset($this->bounds[$id]) ? $s : max($s, $this->bounds[$id] / sqrt(3));
        $shared = static fn(string $id, ?Prior $prior): ?Prior => $prior === null ? null : new Prior($prior->value, $wide($id, $prior->s) ?? $prior->s);

        return new self(
            points: $points,
            bodies: $this->bodies,
            headings: array_map(static fn(Heading $heading): Heading => new Heading($heading->name, $heading->angle, $wide("@$heading->name", $heading->s)), $this->headings),
            instruments: array_map(static fn(Instrument $one): Instrument => new Instrument($one->name, $shared("#$one->name.scale", $one->scale), $shared("#$one->name.zero", $one->zero)), $this->instruments),
            observations: $this->observations,
            vertical: $this->vertical === null ? null : new Vertical($this->vertical->pitch, $this->vertical->roll, $wide('^pitch', $this->vertical->sPitch), $wide('^roll', $this->vertical->sRoll)),
            levels: array_map(static fn(Level $level): Level => new Level($level->name, $level->height, $level->s, max($wide("~$level->name.tiltX", $level->tilt) ?? 0.0, $wide("~$level->name.tiltY", $level->tilt) ?? 0.0) ?: null), $this->levels),
            bounds: $this->bounds,
            judgement: $this->judgement,
            rounds: $this->rounds,
        );
    }
}
