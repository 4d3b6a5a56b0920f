<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Placement\CartesianSpot;
use Lumbro\Core\Placement\Facing;
use Lumbro\Core\Placement\LineThroughMarks;
use Lumbro\Core\Placement\PlacementTask;
use Lumbro\Core\Placement\SensorPlace;
use Lumbro\Core\Placement\Tolerances;
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

/** An invented front set-up with a stand at a known place, anywhere and any way round in the plane. */
final readonly class Scene
{
    /**
     * @param float $standX where the stand truly is, mm, in the scene's own frame
     * @param float $standYaw rad
     * @param float $turn  the whole scene is turned by this, rad, and shifted
     */
    public function __construct(
        private float $standX = 5700.0,
        private float $standY = 14.0,
        private float $standYaw = M_PI + 0.01,
        private float $turn = 0.0,
        private float $shiftX = 0.0,
        private float $shiftY = 0.0,
    ) {}

    /** @param array<string, float> $errors observation → error added to its true value, mm */
    public function network(array $errors = [], bool $checks = true): Network
    {
        $bare = $this->bare([]);
        $truth = new Geometry($layout = new Layout($bare), $layout->start);
        $observations = [];
        foreach ($this->observations(static fn(): float => 0.0, $checks) as $blank) {
            $observations[$blank->id()] = Equation::of($blank, $truth)->value + ($errors[$blank->id()] ?? 0.0);
        }

        return $this->bare($this->observations(static fn(string $id): float => $observations[$id], $checks));
    }

    /** The same unknowns with other observations. */
    public static function observed(Network $network, Observation ...$observations): Network
    {
        return new Network($network->points, $network->bodies, $network->headings, $network->instruments, array_values($observations));
    }

    public function task(Network $network): PlacementTask
    {
        return new PlacementTask(
            $network,
            'stand',
            'target',
            new LineThroughMarks('B', 'A'),
            new CartesianSpot('A', 1840, 0),
            Facing::yaw(M_PI),
            new Tolerances(15, 4, deg2rad(1), deg2rad(0.2)),
            new SensorPlace('sensor', ['from' => 'A', 'along' => -60, 'across' => 0]),
        );
    }

    /** @param list<Observation> $observations */
    private function bare(array $observations): Network
    {
        $point = fn(string $name, float $x, float $y, float $s): SurveyPoint => new SurveyPoint($name, ...$this->placed($x, $y), sx: $s, sy: $s);
        [$x, $y] = $this->placed($this->standX, $this->standY);

        return new Network(
            [
                $point('FL', 2900, 800, 2), $point('FR', 2900, -800, 2), $point('A', 3790, 0, 1.5),
                $point('B', -850, 0, 1.5), $point('sensor', 3730, 2, 2.5),
            ],
            [new Body('stand', $x, $y, $this->standYaw + $this->turn, ['target' => [85.0, 3.0]])],
            [],
            [new Instrument('tape', new Prior(0, 0.0003), new Prior(0, 0.4))],
            $observations,
        );
    }

    /**
     * @param \Closure(string): float $value
     *
     * @return list<Observation>
     */
    private function observations(\Closure $value, bool $checks): array
    {
        $line = new Line('B', 'A');
        $known = [
            new Offset('offset', 'target', $line, $value('offset'), 1.2),
            new Along('along', 'target', $line, 'A', $value('along'), 1.5, 'tape'),
            new AxisOffset('split', 'stand', 'A', $value('split'), 1.5),
        ];

        return $checks ? [
            ...$known,
            new Distance('left', 'FL', 'target', $value('left'), 1.5, 310.0, 'tape'),
            new Distance('right', 'FR', 'target', $value('right'), 1.5, 310.0, 'tape'),
        ] : $known;
    }

    /** @return array{float, float} */
    private function placed(float $x, float $y): array
    {
        return [
            $this->shiftX + $x * cos($this->turn) - $y * sin($this->turn),
            $this->shiftY + $x * sin($this->turn) + $y * cos($this->turn),
        ];
    }
}
