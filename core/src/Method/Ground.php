<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Catalogue\Card\CardPolarSpot;
use Lumbro\Core\Catalogue\Card\CardSpot;
use Lumbro\Core\Catalogue\Kit\Kit;
use Lumbro\Core\Decision\Thresholds;
use Lumbro\Core\Placement\AxleLine;
use Lumbro\Core\Placement\BodyAxis;
use Lumbro\Core\Placement\CartesianSpot;
use Lumbro\Core\Placement\Facing;
use Lumbro\Core\Placement\LineThroughMarks;
use Lumbro\Core\Placement\PlacementTask;
use Lumbro\Core\Placement\PolarSpot;
use Lumbro\Core\Placement\ReferenceLine;
use Lumbro\Core\Placement\SensorPlace;
use Lumbro\Core\Placement\ThrustLine;
use Lumbro\Core\Placement\Tolerances;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\Observation\Line;
use Lumbro\Core\Survey\Observation\Observation;

/** The plan that every school measures in: the car's points, the stand, and the spot the card wants. */
final readonly class Ground
{
    /** A slip of some centimetres leaves the height of a mark so loose that the search creeps: a third nearer each time. */
    private const ROUNDS = 200;

    public const REFERENCES = ['body-axis', 'body-centreline', 'thrust-line', 'axles'];

    /** The body of the stand and its points. */
    public StandGround $stand;

    /** Whether the spot lies ahead of the car rather than behind it. */
    public bool $isAhead;

    /** The plumbed mark at the spot's end of the car, and the other one. */
    public string $nearMark;
    public string $farMark;

    /** @var array{string, string} left and right hub at the spot's end of the car */
    public array $nearHubs;

    /** @var array{string, string} left and right hub at the other end */
    public array $farHubs;

    /** The point the card measures from. */
    public string $datum;

    public Geometry $nominal;

    /**
     * @param CarGround            $car       the car's points
     * @param CardSpot|CardPolarSpot $spot    as the card has it for this side of the car
     * @param Kit                  $kit       what is measured with, and the stand
     * @param string               $reference one of REFERENCES
     * @param bool                 $hasWheels whether the rear wheels' headings belong to the survey
     * @param FloorGround|null     $floor     of a survey in space
     * @param float|null           $height    of the target's centre over the wheels' plane, mm, of a survey in space
     */
    public function __construct(
        public CarGround $car,
        public CardSpot|CardPolarSpot $spot,
        public Kit $kit,
        public string $reference = 'body-centreline',
        public bool $hasWheels = false,
        public ?FloorGround $floor = null,
        public ?float $height = null,
    ) {
        $this->datum = $car->datum($spot->datum);
        [$x, $y] = $this->required();
        $this->isAhead = $x > $car->sheet->wheelbase / 2;
        [$this->nearMark, $this->farMark] = $this->isAhead ? ['frontMark', 'rearMark'] : ['rearMark', 'frontMark'];
        [$this->nearHubs, $this->farHubs] = $this->isAhead ? [['FL', 'FR'], ['RL', 'RR']] : [['RL', 'RR'], ['FL', 'FR']];
        [$sensorX, $sensorY] = $car->place('sensor');
        $yaw = $spot instanceof CardSpot ? deg2rad($spot->yaw) : atan2($sensorY - $y, $sensorX - $x);
        $this->stand = new StandGround($kit, $x, $y, $yaw, $height, $car->sheet->hubHeight);
        $layout = new Layout($this->network([], Guess::Nothing));
        $this->nominal = new Geometry($layout, $layout->start);
    }

    /** Whether the card gives the spot by range and bearing. */
    public function isPolar(): bool
    {
        return $this->spot instanceof CardPolarSpot;
    }

    /** The line through both plumbed marks, pointing forward. */
    public function line(): Line
    {
        return new Line('rearMark', 'frontMark', $this->isInSpace());
    }

    /** The same line as a tape or rule counts along it or off it the other way. */
    public function lineBack(): Line
    {
        return new Line('frontMark', 'rearMark', $this->isInSpace());
    }

    /** How far a point lies off the car's middle with everything where the sheet has it, mm, left positive. */
    public function across(string $point): float
    {
        return $this->nominal->y[$point];
    }

    /** Whether heights belong to the survey. */
    public function isInSpace(): bool
    {
        return $this->floor !== null && $this->height !== null;
    }

    /** The same ground measured otherwise. */
    public function with(Kit $kit, bool $hasWheels): self
    {
        return new self($this->car, $this->spot, $kit, $this->reference, $hasWheels, $this->floor, $this->height);
    }

    /**
     * The survey of these observations.
     *
     * @param list<Observation> $observations
     * @param Guess             $guess        what of the stand's place coarse guesses stand in for
     * @param Names             ...$others    further stands, each as another school sees it
     */
    public function network(array $observations, Guess $guess, Names ...$others): Network
    {
        $bodies = [$this->stand->body(Names::stand(), $guess)];
        foreach ($others as $names) {
            $bodies[] = $this->stand->body($names, $guess);
        }

        $points = $this->car->points($this->hasWheels);
        $headings = $this->hasWheels ? WheelGround::headings() : [];
        if ($this->floor === null || $this->height === null) {
            return new Network($points, $bodies, $headings, [$this->car->tape($this->kit)], $observations);
        }

        return new Network(
            points: [...$points, ...$this->floor->points($this->car->sheet, [$this->stand->x, $this->stand->y], $this->car->place('sensor'))],
            bodies: $bodies,
            headings: $headings,
            instruments: [$this->car->tape($this->kit), ...$this->car->rules($this->kit), FloorGround::warp(), ...$this->car->spare($this->kit, $observations)],
            observations: [...$observations, ...$this->floor->observations()],
            vertical: $this->floor->vertical(),
            levels: $this->floor->levels(),
            bounds: $this->car->bounds($this->kit) + $this->floor->bounds($this->car->sheet),
            judgement: $this->car->rules->judgement(),
            rounds: self::ROUNDS,
        );
    }

    /**
     * The placement task of a survey.
     *
     * @param list<Observation> $candidates further readings that could be taken
     * @param string|null       $reference  another reference than the chosen one
     */
    public function task(Network $network, array $candidates, Thresholds $thresholds, Names $names, ?string $reference = null): PlacementTask
    {
        $spot = $this->spot;
        $polar = $spot instanceof CardPolarSpot;
        $angle = static fn(?float $degrees): ?float => $degrees === null ? null : deg2rad($degrees);

        return new PlacementTask(
            network: $network,
            body: $names->stand,
            target: $names->target,
            reference: $this->referenceLine($reference ?? $this->reference),
            spot: $polar ? new PolarSpot($this->datum, $spot->range, deg2rad($spot->bearing)) : new CartesianSpot($this->datum, $spot->along, $spot->across),
            facing: $polar ? Facing::aimedAt('sensor') : Facing::yaw(deg2rad($spot->yaw)),
            tolerances: $polar
                ? new Tolerances(bearing: $angle($spot->toleranceBearing), range: $spot->toleranceRange, height: $this->isInSpace() ? $spot->toleranceHeight : null)
                : new Tolerances($spot->toleranceAlong, $spot->toleranceAcross, $angle($spot->toleranceYaw), height: $this->isInSpace() ? $spot->toleranceHeight : null),
            // A target set level with the sensor, wherever that is, is specified to lie straight ahead of it.
            sensor: new SensorPlace('sensor', $polar ? null : $this->car->design(), $this->isInSpace() ? ($spot->level ? $this->height : $this->car->designHeight()) : null),
            candidates: $candidates,
            thresholds: $thresholds,
            tellsRange: $polar,
            height: $this->isInSpace() ? $this->height : null,
        );
    }

    /** Where the target hangs from the stand's middle: mm, the car's left positive. */
    public function arm(): float
    {
        // Not a bare minus: the middle would give −0.
        return $this->stand->facesForward() ? $this->kit->targetLeft : 0.0 - $this->kit->targetLeft;
    }

    /** The nominal plan, but with the target on an arm that is longer: mm further left in the stand's own sense. */
    public function withArm(float $more): Geometry
    {
        $bodies = [$this->stand->withArm($more)->body(Names::stand(), Guess::Nothing)];

        $network = $this->network([], Guess::Nothing);

        return new Geometry(
            new Layout(new Network($network->points, $bodies, $network->headings, $network->instruments, [], $network->vertical, $network->levels)),
            $this->nominal->state,
        );
    }

    /** @return list<string> what of the placement the card's limits need, in the order it is told; the height is not among them */
    public function respects(): array
    {
        return $this->isPolar() ? ['range', 'bearing'] : ['along', 'across', 'yaw'];
    }

    /** The line a reference of this name is. */
    private function referenceLine(string $reference): ReferenceLine
    {
        return match ($reference) {
            'thrust-line' => new ThrustLine(['RL', 'RR'], ['wheelRL', 'wheelRR']),
            'axles' => new AxleLine(['RL', 'RR'], ['FL', 'FR']),
            'body-axis' => new BodyAxis(),
            default => new LineThroughMarks('rearMark', 'frontMark'),
        };
    }

    /** @return array{float, float} where the spot is with everything where the sheet has it, mm */
    private function required(): array
    {
        [$x, $y] = $this->car->place($this->datum);
        $spot = $this->spot;
        if ($spot instanceof CardPolarSpot) {
            $bearing = deg2rad($spot->bearing);

            return [$x + $spot->range * cos($bearing), $y + $spot->range * sin($bearing)];
        }

        return [$x + $spot->along, $spot->across];
    }
}
