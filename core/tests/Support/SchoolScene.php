<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Placement\CartesianSpot;
use Lumbro\Core\Placement\Facing;
use Lumbro\Core\Placement\LineThroughMarks;
use Lumbro\Core\Placement\PlacementTask;
use Lumbro\Core\Placement\PolarSpot;
use Lumbro\Core\Placement\SensorPlace;
use Lumbro\Core\Placement\ThrustLine;
use Lumbro\Core\Placement\Tolerances;
use Lumbro\Core\Survey\Body;
use Lumbro\Core\Survey\EquationSystem;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Heading;
use Lumbro\Core\Survey\Instrument;
use Lumbro\Core\Survey\Layout;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\Observation\Along;
use Lumbro\Core\Survey\Observation\AxisOffset;
use Lumbro\Core\Survey\Observation\Beam;
use Lumbro\Core\Survey\Observation\Bearing;
use Lumbro\Core\Survey\Observation\Distance;
use Lumbro\Core\Survey\Observation\HeadingDifference;
use Lumbro\Core\Survey\Observation\Line;
use Lumbro\Core\Survey\Observation\MirrorReturn;
use Lumbro\Core\Survey\Observation\Observation;
use Lumbro\Core\Survey\Observation\Offset;
use Lumbro\Core\Survey\Observation\RelativeBearing;
use Lumbro\Core\Survey\Prior;
use Lumbro\Core\Survey\SurveyPoint;

/**
 * An invented car and a stand put down somewhere near its spot, measured by one school or by all together: what is
 * true, and what was read of it with errors drawn from the stated uncertainties.
 */
final readonly class SchoolScene
{
    public const PLUMB_AND_LINE = 'plumb and line';
    public const SPLIT = 'split from the stand';
    public const HUB_MARKS = 'hub marks and straight-edge';
    public const DIAGONALS = 'squares and diagonals';
    public const WHEEL_LASERS = 'wheel lasers and mirrors';
    public const REPORTED = 'reported pose';
    public const REAR = 'rear corner, polar';
    public const TOGETHER = 'all together';

    public const ALL = [
        self::PLUMB_AND_LINE, self::SPLIT, self::HUB_MARKS, self::DIAGONALS, self::WHEEL_LASERS, self::REPORTED, self::REAR, self::TOGETHER,
    ];

    /** Name → x, y and the standard uncertainty of both, mm. */
    private const CAR = [
        'RL' => [0, 790, 2], 'RR' => [0, -790, 2], 'FL' => [2900, 800, 2], 'FR' => [2900, -800, 2],
        'A' => [3790, 0, 1.5], 'B' => [-850, 0, 1.5], 'sensor' => [3730, 0, 3], 'corner' => [-700, 640, 4],
    ];

    private const FRONT_POSE = [5630.0, 0.0, M_PI];
    private const REAR_POSE = [-2911.0, 2018.0, -0.5585];

    /**
     * @param array{float, float, float} $pose of the stand as it was guessed or reported
     * @param list<float>                $read
     */
    private function __construct(
        public string $school,
        public Geometry $truth,
        private array $pose,
        private array $read,
        public Network $measured,
    ) {}

    /**
     * @param float                $spread   how far off its spot the stand is put down, mm; in yaw thousandths of a radian
     * @param array<string, float> $blunders observation → error beyond the drawn one, in standard uncertainties
     */
    public static function draw(string $school, Chance $chance, float $spread = 30.0, array $blunders = []): self
    {
        $pose = self::off($school === self::REAR ? self::REAR_POSE : self::FRONT_POSE, $spread, $chance);
        $stated = self::network($school, $pose, array_fill(0, 40, null));
        $layout = new Layout($stated);
        $state = $layout->start;
        foreach ($layout->priors as $i => $place) {
            $state[$place] += $chance->normal($layout->priorS[$i]);
        }
        $truth = new Geometry($layout, $state);
        $read = [];
        foreach ((new EquationSystem($stated->observations, $layout))->readings($truth) as $k => $reading) {
            $observation = $stated->observations[$k];
            $read[] = (float) $reading + $observation->s() * ($chance->normal() + ($blunders[$observation->id()] ?? 0.0));
        }

        // What was reported of the pose stays as it was reported; else the search begins somewhere near.
        $guess = self::isReported($school) ? $pose : self::off($pose, 25.0, $chance);

        return new self($school, $truth, $guess, $read, self::network($school, $guess, $read));
    }

    /** The same set-up and readings, looked at otherwise. */
    public function moved(Motion $motion): self
    {
        $read = array_map($motion->reading(...), $this->measured->observations, $this->read);
        $pose = [...$motion->place($this->pose[0], $this->pose[1]), $motion->direction($this->pose[2])];

        return new self($this->school, $this->truth, $pose, $read, self::network($this->school, $pose, $read, $motion));
    }

    /** The same set-up with only some of its observations. */
    public function measuredBy(Observation ...$observations): Network
    {
        $all = $this->measured;

        return new Network($all->points, $all->bodies, $all->headings, $all->instruments, array_values($observations));
    }

    /**
     * @param array{float, float, float} $pose
     *
     * @return array{float, float, float}
     */
    private static function off(array $pose, float $mm, Chance $chance): array
    {
        return [
            $pose[0] + $mm * $chance->between(-1, 1),
            $pose[1] + $mm * $chance->between(-1, 1),
            $pose[2] + $mm / 1000 * $chance->between(-1, 1),
        ];
    }

    /** The placement that the procedure card of this school's sensor asks for; with other tolerances, or for the car's other side, if wished. */
    public function task(?Tolerances $tolerances = null, int $side = 1): PlacementTask
    {
        if ($this->school === self::REAR) {
            return new PlacementTask(
                $this->measured,
                'stand',
                'target',
                new LineThroughMarks('B', 'A'),
                new PolarSpot('corner', 2610.0, $side * deg2rad(148)),
                Facing::aimedAt('corner'),
                $tolerances ?? new Tolerances(15, 15, deg2rad(1.5), deg2rad(0.5)),
                new SensorPlace('corner'),
            );
        }

        return new PlacementTask(
            $this->measured,
            'stand',
            'target',
            $this->school === self::WHEEL_LASERS ? new ThrustLine(['RL', 'RR'], ['left', 'right']) : new LineThroughMarks('B', 'A'),
            new CartesianSpot('A', 1840, 20 * $side),
            Facing::yaw(M_PI),
            $tolerances ?? new Tolerances(15, 12, deg2rad(1), deg2rad(0.35)),
            new SensorPlace('sensor', ['from' => 'A', 'along' => -60, 'across' => 0]),
        );
    }

    private static function isReported(string $school): bool
    {
        return $school === self::REPORTED || $school === self::TOGETHER;
    }

    /**
     * @param array{float, float, float} $pose of the stand
     * @param list<float|null>           $read
     */
    private static function network(string $school, array $pose, array $read, Motion $motion = new Motion()): Network
    {
        $points = [];
        foreach (self::CAR as $name => [$x, $y, $s]) {
            $points[] = new SurveyPoint($name, ...$motion->place($x, $y), sx: $s, sy: $s);
        }
        $side = $motion->side();
        $reported = self::isReported($school);
        $next = static function () use (&$read): ?float {
            return array_shift($read);
        };

        return new Network(
            $points,
            [new Body(
                'stand',
                $pose[0],
                $pose[1],
                $pose[2],
                ['target' => [-5.0, 3.0 * $side], 'barL' => [0.0, -900.0 * $side], 'barR' => [0.0, 900.0 * $side]],
                $reported ? 2.5 : null,
                $reported ? 2.5 : null,
                $reported ? 0.002 : null,
            )],
            [new Heading('left', $motion->turn, 0.002), new Heading('right', $motion->turn, 0.002), new Heading('square', 0.0, 0.0007)],
            [new Instrument('tape', new Prior(0, 0.0003), new Prior(0, 0.4))],
            self::observations($school, $next),
        );
    }

    /**
     * @param \Closure(): (float|null) $value
     *
     * @return list<Observation>
     */
    private static function observations(string $school, \Closure $value): array
    {
        $line = new Line('B', 'A');
        switch ($school) {
            case self::PLUMB_AND_LINE:
                return [
                    new Offset('laser at the stand', 'stand', $line, $value(), 1.0),
                    new Offset('laser at the bar', 'barR', $line, $value(), 2.0),
                    new Along('tape from the mark', 'target', $line, 'A', $value(), 1.0, 'tape'),
                    new Distance('check tape left', 'FL', 'target', $value(), 1.5, 310.0, 'tape'),
                    new AxisOffset('split', 'stand', 'A', $value(), 1.5),
                ];
            case self::SPLIT:
                return [
                    new AxisOffset('split front', 'stand', 'A', $value(), 1.0),
                    new AxisOffset('split rear', 'stand', 'B', $value(), 2.0),
                    new Distance('reach', 'A', 'target', $value(), 1.5, 642.0, 'tape'),
                    new Distance('hub left', 'FL', 'stand', $value(), 1.5, 0.0, 'tape'),
                    new Distance('hub right', 'FR', 'stand', $value(), 1.5, 0.0, 'tape'),
                ];
            case self::HUB_MARKS:
                return [
                    new Distance('left', 'FL', 'barL', $value(), 1.5),
                    new Distance('right', 'FR', 'barR', $value(), 1.5),
                    new Distance('cross left', 'FL', 'barR', $value(), 1.5),
                    new Distance('cross right', 'FR', 'barL', $value(), 1.5),
                    new Along('along', 'stand', $line, 'A', $value(), 2.0),
                ];
            case self::DIAGONALS:
                return [
                    new Distance('diagonal left', 'RL', 'barR', $value(), 2.0, 0.0, 'tape'),
                    new Distance('diagonal right', 'RR', 'barL', $value(), 2.0, 0.0, 'tape'),
                    new Distance('side left', 'RL', 'barL', $value(), 2.0, 0.0, 'tape'),
                    new Distance('side right', 'RR', 'barR', $value(), 2.0, 0.0, 'tape'),
                ];
            case self::WHEEL_LASERS:
                return [
                    new Beam('scale left', 'RL', 'left', 'stand', $value(), 0.7),
                    new Beam('scale right', 'RR', 'right', 'stand', $value(), 0.7),
                    new MirrorReturn('mirror left', 'RL', 'left', 'stand', 'square', $value(), 1.5),
                    new MirrorReturn('mirror right', 'RR', 'right', 'stand', 'square', $value(), 1.5),
                    new Distance('hub tape', 'RL', 'barL', $value(), 1.5),
                    new HeadingDifference('toe', 'left', 'right', $value(), 0.0005),
                ];
            case self::REPORTED:
                return [
                    new Distance('tape', 'FL', 'target', $value(), 1.5, 0.0, 'tape'),
                    new Offset('laser', 'target', $line, $value(), 1.0),
                    new RelativeBearing('sight', 'stand', 'A', $value(), 0.001),
                ];
            case self::REAR:
                return [
                    new Distance('hub', 'RL', 'target', $value(), 1.5, 0.0, 'tape'),
                    new Distance('far hub', 'FL', 'target', $value(), 2.0, 0.0, 'tape'),
                    new Distance('range', 'corner', 'target', $value(), 1.5, 0.0, 'tape'),
                    new Bearing('protractor', 'corner', 'target', $value(), 0.002),
                    new RelativeBearing('aim', 'stand', 'corner', $value(), 0.002),
                    new RelativeBearing('aim at the hub', 'stand', 'RL', $value(), 0.002),
                ];
            default:
                $all = [];
                foreach (array_diff(self::ALL, [self::REAR, self::TOGETHER]) as $part) {
                    $all = [...$all, ...self::observations($part, $value)];
                }

                return $all;
        }
    }
}
