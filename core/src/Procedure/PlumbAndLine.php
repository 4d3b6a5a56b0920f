<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

use Lumbro\Core\Measure\StandardUncertainty;
use Lumbro\Core\Placement\CartesianSpot;
use Lumbro\Core\Placement\Facing;
use Lumbro\Core\Placement\LineThroughMarks;
use Lumbro\Core\Placement\PlacementTask;
use Lumbro\Core\Placement\SensorPlace;
use Lumbro\Core\Placement\Tolerances;
use Lumbro\Core\Record\ReadingTaken;
use Lumbro\Core\Survey\Body;
use Lumbro\Core\Survey\Equation;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Instrument;
use Lumbro\Core\Survey\Layout;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\Observation\Along;
use Lumbro\Core\Survey\Observation\AxisOffset;
use Lumbro\Core\Survey\Observation\Distance;
use Lumbro\Core\Survey\Observation\Line;
use Lumbro\Core\Survey\Observation\Observation;
use Lumbro\Core\Survey\Observation\Offset;
use Lumbro\Core\Survey\Prior;
use Lumbro\Core\Survey\SurveyPoint;

/** Plumb bob and laser (need J10): marks plumbed from the car, a line through both, the spot by tape along it. */
final readonly class PlumbAndLine implements School
{
    /** Standard uncertainty of setting a tape's or rule's ends to plumbed points, mm. */
    private const MARKING = 0.8;

    /** A laser spot is wider than a rule's division, mm. */
    private const BEAM = 1.0;

    /** How far hands miss an asked-for shift, mm, and turn, rad: a smaller effect than half of s spoils nothing. */
    private const SLIP = 10.0;
    private const SLIP_TURN = 0.5 * M_PI / 180;

    /** What is known of a stand that has not been measured: mm and rad. */
    private const SOMEWHERE = 500.0;
    private const SOME_YAW = 10 * M_PI / 180;

    private const PLACING = ['spot-offset', 'spot-along', 'split'];

    private const WORDS = [
        'frontMark.y' => 'the front mark off the middle',
        'frontMark.x' => 'the front mark\'s place along the car',
        'rearMark.y' => 'the rear mark off the middle',
        'rearMark.x' => 'the rear mark\'s place along the car',
        'sensor.y' => 'the sensor\'s own place, sideways',
        'sensor.x' => 'the sensor\'s own place, along the car',
        'FL.x' => 'the left front hub, along the car', 'FL.y' => 'the left front hub, sideways',
        'FR.x' => 'the right front hub, along the car', 'FR.y' => 'the right front hub, sideways',
        'RL.x' => 'the left rear hub, along the car', 'RL.y' => 'the left rear hub, sideways',
        'RR.x' => 'the right rear hub, along the car', 'RR.y' => 'the right rear hub, sideways',
        '#tape.scale' => 'the tape\'s scale', '#tape.zero' => 'the tape\'s zero end',
        'stand.x' => 'the stand\'s place', 'stand.y' => 'the stand\'s place', 'stand.yaw' => 'the stand\'s turn',
    ];

    /** @var list<Call> */
    private array $calls;

    private Geometry $nominal;

    /**
     * @param Kit            $kit      what the readings are taken with; their uncertainties come from it
     * @param CarSensor|null $measured the sensor's place as it was measured on this car; null where the card's stands
     */
    public function __construct(
        private ProcedureCard $card,
        private CardSpot $spot,
        private VehicleSheet $sheet,
        private Kit $kit,
        private ?CarSensor $measured = null,
    ) {
        $this->calls = $this->makeCalls();
        $layout = new Layout($this->network([], false));
        $this->nominal = new Geometry($layout, $layout->start);
    }

    public function lineSteps(): array
    {
        return [
            new PreparationItem('line-front-mark', 'Front mark plumbed to the floor, the bob hanging free of the bumper', true, 'A bob that touches a curved bumper puts the mark off the middle.'),
            new PreparationItem('line-rear-mark', 'Rear mark plumbed to the floor', true, 'The line has no second end.'),
            new PreparationItem('line-laser', 'Laser line through both marks and out past the spot', true, 'A short base stretched far magnifies every slip.'),
        ];
    }

    public function calls(): array
    {
        return $this->calls;
    }

    public function missing(array $readings): array
    {
        return array_values(array_diff(self::PLACING, array_keys($readings)));
    }

    public function task(array $readings): PlacementTask
    {
        $dz = $this->tapeRise($readings['height'] ?? null);
        $observations = [];
        $candidates = [];
        foreach ($this->observations($readings, $dz) as $call => $observation) {
            if (isset($readings[$call])) {
                $observations[] = $observation;
            } else {
                $candidates[] = $observation;
            }
        }
        $guessed = $this->missing($readings) !== [];
        $spot = $this->spot;

        return new PlacementTask(
            $this->network($observations, $guessed),
            'stand',
            'target',
            new LineThroughMarks('rearMark', 'frontMark'),
            new CartesianSpot('frontMark', $spot->along, $spot->across),
            Facing::yaw(deg2rad($spot->yaw)),
            new Tolerances($spot->toleranceAlong, $spot->toleranceAcross, $spot->toleranceYaw === null ? null : deg2rad($spot->toleranceYaw)),
            new SensorPlace('sensor', ['from' => 'frontMark', 'along' => $this->card->sensor->along, 'across' => $this->card->sensor->across]),
            $guessed ? [] : $candidates,
            $this->card->thresholds,
        );
    }

    public function nominal(): Geometry
    {
        return $this->nominal;
    }

    public function expected(): array
    {
        $at = $this->nominal();
        $expected = ['height' => $this->spot->height];
        foreach ($this->equations() as $call => $observation) {
            $expected[$call] = Equation::of($observation, $at)->value;
        }

        return $expected;
    }

    public function spoiledBy(array $kinds): array
    {
        $at = $this->nominal();
        $x = $at->layout->free['stand'];
        $spoiled = in_array(MoveKind::Height, $kinds, true) ? ['height'] : [];
        foreach ($this->equations() as $call => $observation) {
            $row = Equation::of($observation, $at)->row;
            $shift = hypot($row[$x] ?? 0.0, $row[$x + 1] ?? 0.0) * self::SLIP;
            $turn = abs($row[$x + 2] ?? 0.0) * self::SLIP_TURN;
            $effect = max(
                in_array(MoveKind::Shift, $kinds, true) ? $shift : 0.0,
                in_array(MoveKind::Turn, $kinds, true) ? $turn : 0.0,
            );
            if ($effect > $observation->s() / 2) {
                $spoiled[] = $call;
            }
        }

        return $spoiled;
    }

    public function equations(): array
    {
        return $this->observations([], $this->tapeRise(null));
    }

    public function words(string $id): string
    {
        foreach ($this->calls as $call) {
            if ($call->id === $id) {
                return lcfirst($call->title);
            }
        }

        return self::WORDS[$id] ?? $id;
    }

    /** @return list<Call> */
    private function makeCalls(): array
    {
        return [
            new Call('spot-offset', 'Spot off the line', 'Rule from the laser line to the point plumbed under the target', $this->kit->rule->id, sided: true),
            new Call('spot-along', 'Tape along the line', 'Front mark to the point plumbed under the target', $this->kit->tape->id, between: ['frontMark', 'target']),
            new Call('split', 'Stand square', 'Stand laser back to the car: how far beside the front mark it strikes', $this->kit->rule->id, sided: true, between: ['stand', 'frontMark']),
            new Call('height', 'Target height', 'Staff from the floor at the spot', $this->kit->staff->id, datums: array_keys($this->card->target->heights)),
            new Call('hub-left', 'Check tape, left', 'Left front hub centre to the target', $this->kit->tape->id, check: true, between: ['FL', 'target']),
            new Call('hub-right', 'Check tape, right', 'Right front hub centre to the target', $this->kit->tape->id, check: true, between: ['FR', 'target']),
        ];
    }

    /**
     * Every observation this school knows; those without a reading are candidates.
     *
     * @param array<string, ReadingTaken> $readings
     *
     * @return array<string, Observation> by call
     */
    private function observations(array $readings, float $dz): array
    {
        $line = new Line('rearMark', 'frontMark');
        $value = static fn(string $call): ?float => isset($readings[$call]) ? $readings[$call]->millimetres : null;
        $rule = hypot($this->s($this->kit->rule), self::BEAM);
        $tape = $this->s($this->kit->tape);

        return [
            'spot-offset' => new Offset('spot-offset', 'target', $line, $value('spot-offset'), $rule),
            'spot-along' => new Along('spot-along', 'target', $line, 'frontMark', $value('spot-along'), $tape, 'tape'),
            'split' => new AxisOffset('split', 'stand', 'frontMark', $value('split'), $rule),
            'hub-left' => new Distance('hub-left', 'FL', 'target', $value('hub-left'), $tape, $dz, 'tape'),
            'hub-right' => new Distance('hub-right', 'FR', 'target', $value('hub-right'), $tape, $dz, 'tape'),
        ];
    }

    /** @param list<Observation> $observations */
    private function network(array $observations, bool $guessed): Network
    {
        $s = $this->sheet;
        $base = $s->wheelbase;
        $front = $base + $s->frontMark;
        $spot = $this->spot;
        $yaw = deg2rad($spot->yaw);
        [$ahead, $left] = [$this->kit->targetAhead, $this->kit->targetLeft];

        return new Network(
            [
                new SurveyPoint('RL', 0, $s->trackRear / 2, $s->sHub, hypot($s->sHub, $s->sOf('trackRear') / 2)),
                new SurveyPoint('RR', 0, -$s->trackRear / 2, $s->sHub, hypot($s->sHub, $s->sOf('trackRear') / 2)),
                new SurveyPoint('FL', $base, $s->trackFront / 2, hypot($s->sHub, $s->sOf('wheelbase')), hypot($s->sHub, $s->sOf('trackFront') / 2)),
                new SurveyPoint('FR', $base, -$s->trackFront / 2, hypot($s->sHub, $s->sOf('wheelbase')), hypot($s->sHub, $s->sOf('trackFront') / 2)),
                new SurveyPoint('frontMark', $front, 0, hypot($s->sMarkAlong, $s->sOf('frontMark')), $s->sMarkAcross),
                new SurveyPoint('rearMark', -$s->rearMark, 0, hypot($s->sMarkAlong, $s->sOf('rearMark')), $s->sMarkAcross),
                $this->sensorPoint($front),
            ],
            [new Body(
                'stand',
                $front + $spot->along - $ahead * cos($yaw) + $left * sin($yaw),
                $spot->across - $ahead * sin($yaw) - $left * cos($yaw),
                $yaw,
                [
                    'target' => [$ahead, $left],
                    'standLeft' => [0.0, $this->kit->halfWidth],
                    'standRight' => [0.0, -$this->kit->halfWidth],
                ],
                $guessed ? self::SOMEWHERE : null,
                $guessed ? self::SOMEWHERE : null,
                $guessed ? self::SOME_YAW : null,
            )],
            [],
            [new Instrument('tape', self::shared($this->kit->tape->scale, $this->kit->tape->sScale), self::shared($this->kit->tape->zero, $this->kit->tape->sZero))],
            $observations,
        );
    }

    private function sensorPoint(float $front): SurveyPoint
    {
        $design = $this->card->sensor;
        $s = $this->sheet->sSensor;

        return $this->measured === null
            ? new SurveyPoint('sensor', $front + $design->along, $design->across, $s, $s)
            : new SurveyPoint('sensor', $this->measured->along, $this->measured->across, $this->measured->s, $this->measured->s);
    }

    private static function shared(float $known, ?float $s): ?Prior
    {
        return $s === null ? null : new Prior($known, $s);
    }

    private function s(MeasuringInstrument $instrument): float
    {
        return StandardUncertainty::ofReading($instrument->accuracy, $instrument->resolution, self::MARKING);
    }

    /** How much higher the target's centre is than the hubs, mm, for the slant of the check tapes. */
    private function tapeRise(?ReadingTaken $height): float
    {
        $spot = $this->spot;
        $measured = $height === null ? $spot->height : $height->millimetres;
        $datum = $height === null ? $spot->heightDatum : ($height->datum ?? $spot->heightDatum);

        return $this->card->target->convert($measured, $datum, 'centre') - $this->sheet->hubHeight;
    }
}
