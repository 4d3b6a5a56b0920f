<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Placement;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\Placement\Placement;
use Lumbro\Core\Placement\PlacementTask;
use Lumbro\Core\Placement\ThrustLine;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Heading;
use Lumbro\Core\Survey\Layout;
use Lumbro\Core\Survey\LeastSquares;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\Observation\AxisOffset;
use Lumbro\Core\Survey\Observation\Distance;
use Lumbro\Core\Survey\SurveyPoint;
use Lumbro\Core\Tests\Support\Scene;
use PHPUnit\Framework\TestCase;

final class PlacementTest extends TestCase
{
    use TestTrait;

    public function testMovesMadeAndMeasuredWithoutErrorLeaveNothing(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(-300, 300), Generators::choose(-200, 200), Generators::choose(-80, 80))->then(
            static function (int $x, int $y, int $yaw): void {
                [$standX, $standY, $standYaw] = [5710 + $x, $y, M_PI + $yaw / 1000];
                $scene = new Scene($standX, $standY, $standYaw);
                $before = Placement::of($scene->task($scene->network()));
                $after = new Scene($standX + $before->moves->along, $standY + $before->moves->across, $standYaw + $before->moves->turn);
                $network = $after->network();
                $placement = Placement::of($after->task($network));
                foreach (['along', 'across', 'yaw'] as $name) {
                    self::assertEqualsWithDelta(0.0, $placement->deviations[$name]->value(), 1e-6, $name);
                    self::assertSame(Verdict::Holds, $placement->deviations[$name]->decision?->verdict, $name);
                }
                foreach ($network->observations as $observation) {
                    self::assertEqualsWithDelta($observation->value(), $before->predicted[$observation->id()], 1e-6, $observation->id());
                }
            },
        );
    }

    public function testAShiftAloneIsPlannedWithoutTheTurn(): void
    {
        $scene = new Scene(5650, 20, M_PI + 0.02);
        $task = $scene->task($scene->network());
        [$moves] = Placement::of($task)->planned($task, false, true);
        $after = new Scene(5650 + $moves->along, 20 + $moves->across, M_PI + 0.02);
        $placement = Placement::of($after->task($after->network()));
        self::assertSame(0.0, $moves->turn);
        self::assertEqualsWithDelta(0.0, $placement->deviations['across']->value(), 1e-6);
        self::assertEqualsWithDelta(0.02, $placement->deviations['yaw']->value(), 1e-6);
    }

    public function testMirroringLeftAndRightMirrorsTheAnswer(): void
    {
        $mirrored = static function (Network $network): Network {
            $name = static fn(string $n): string => ['FL' => 'FR', 'FR' => 'FL'][$n] ?? $n;

            return new Network(
                array_map(static fn(SurveyPoint $p): SurveyPoint => new SurveyPoint($name($p->name), $p->x, -$p->y, $p->sx, $p->sy), $network->points),
                $network->bodies,
                [],
                $network->instruments,
                $network->observations,
            );
        };
        $left = new Scene(5700, 14, M_PI + 0.01);
        $right = new Scene(5700, -14, M_PI - 0.01);
        $a = Placement::of($left->task($left->network([], false)))->deviations;
        $b = Placement::of($right->task($mirrored($right->network([], false))))->deviations;
        // The target sits 3 mm aside on the stand, which does not mirror with it: 6 mm in all.
        self::assertEqualsWithDelta($a['across']->value(), -$b['across']->value() - 6 * cos(0.01), 1e-6);
        self::assertEqualsWithDelta($a['yaw']->value(), -$b['yaw']->value(), 1e-9);
        self::assertEqualsWithDelta($a['across']->uncertainty, $b['across']->uncertainty, 1e-6);
    }

    public function testContributionsAddUpToTheWholeVariance(): void
    {
        $scene = new Scene();
        foreach (Placement::of($scene->task($scene->network()))->deviations as $name => $deviation) {
            self::assertEqualsWithDelta(1.0, array_sum(array_column($deviation->contributions, 'share')), 1e-9, $name);
            $shares = array_column($deviation->contributions, 'share');
            $sorted = $shares;
            rsort($sorted);
            self::assertSame($sorted, $shares, $name);
        }
    }

    public function testTheBestCheckIsWorthWhatItPromises(): void
    {
        $scene = new Scene();
        $network = $scene->network([], false);
        $split = new AxisOffset('split-rear', 'stand', 'B', null, 1.5);
        $tape = new Distance('tape', 'FR', 'target', null, 1.5, 310.0);
        $task = $scene->task($network);
        $with = new PlacementTask($network, 'stand', 'target', $task->reference, $task->spot, $task->facing, $task->tolerances, $task->sensor, [$split, $tape]);
        $promised = Placement::of($with)->deviations['yaw']->bestCheck;
        self::assertSame('split-rear', $promised['id'] ?? null);

        $row = [];
        $truth = new Geometry($layout = new Layout($network), $layout->start);
        $taken = new AxisOffset('split-rear', 'stand', 'B', $split->predict($truth, $row), 1.5);
        $kept = Placement::of($scene->task(Scene::observed($network, ...[...$network->observations, $taken])))->deviations['yaw']->uncertainty;
        self::assertEqualsWithDelta($kept, $promised['uncertainty'], 1e-9);
    }

    public function testTheSameMeasurementsNeverProveASlip(): void
    {
        $scene = new Scene(5710.0, 0.0, M_PI);
        $placement = Placement::of($scene->task($scene->network(['along' => 60])));
        foreach ($placement->deviations as $deviation) {
            self::assertSame(Verdict::Unproven, $deviation->decision?->verdict);
            self::assertSame('inconsistent', $deviation->decision->reason);
        }
    }

    public function testTheThrustLineRunsAlongTheMeanOfTheWheelsWhicheverWayTheyWrap(): void
    {
        $network = new Network(
            [new SurveyPoint('L', 0, 800, 1, 1), new SurveyPoint('R', 0, -800, 1, 1)],
            [],
            [new Heading('l', deg2rad(179.8), 0.001), new Heading('r', deg2rad(-179.6), 0.001)],
            [],
            [],
        );
        $line = new ThrustLine(['L', 'R'], ['l', 'r']);
        $at = LeastSquares::solve($network)->geometry;
        self::assertEqualsWithDelta(-179.9, Angle::degrees($line->heading($at)->value), 1e-9);
        self::assertSame(0.0, $line->origin($at)[1]->value);
    }
}
