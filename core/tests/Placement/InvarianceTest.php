<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Placement;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Placement\Deviation;
use Lumbro\Core\Placement\Placement;
use Lumbro\Core\Survey\EquationSystem;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\LeastSquares;
use Lumbro\Core\Survey\Observation\Observation;
use Lumbro\Core\Tests\Support\Chance;
use Lumbro\Core\Tests\Support\Motion;
use Lumbro\Core\Tests\Support\Readings;
use Lumbro\Core\Tests\Support\SchoolScene;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What must stay the same however a set-up is looked at, for every school. */
final class InvarianceTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{string}> */
    public static function schools(): iterable
    {
        foreach (SchoolScene::ALL as $school) {
            yield $school => [$school];
        }
    }

    #[DataProvider('schools')]
    public function testARigidMotionOfTheWholeSceneChangesNoAnswer(string $school): void
    {
        $this->limitTo(15)->forAll(Generators::choose(0, 1 << 30), Generators::choose(-3141, 3141), Generators::choose(-9000, 9000))->disableShrinking()->then(
            function (int $seed, int $turn, int $shift) use ($school): void {
                $here = SchoolScene::draw($school, new Chance($seed));
                $there = $here->moved(new Motion($turn / 1000, $shift, -$shift / 3));
                self::compare(Placement::of($here->task()), Placement::of($there->task()), 1);
            },
        );
    }

    #[DataProvider('schools')]
    public function testMirroringLeftAndRightMirrorsTheAnswer(string $school): void
    {
        $this->limitTo(15)->forAll(Generators::choose(0, 1 << 30))->disableShrinking()->then(
            function (int $seed) use ($school): void {
                $here = SchoolScene::draw($school, new Chance($seed));
                $there = $here->moved(new Motion(mirrored: true));
                self::compare(Placement::of($here->task()), Placement::of($there->task(null, -1)), -1);
            },
        );
    }

    public function testAnAddedConsistentReadingNeverIncreasesAnUncertainty(): void
    {
        $this->limitTo(120)->forAll(Generators::choose(0, 1 << 30), Generators::choose(0, 99))->disableShrinking()->then(
            static function (int $seed, int $which): void {
                // Some of what all schools read, and then one reading more.
                $scene = SchoolScene::draw(SchoolScene::TOGETHER, new Chance($seed));
                $all = $scene->measured->observations;
                $extra = $all[$which % count($all)];
                $fewer = array_values(array_filter($all, static fn(Observation $o, int $k): bool => $o !== $extra && ($k + $which) % 3 !== 0, ARRAY_FILTER_USE_BOTH));
                $before = LeastSquares::solve($scene->measuredBy(...$fewer));
                $value = (new EquationSystem([$extra], $before->geometry->layout))->readings($before->geometry)[0];
                self::assertNotNull($value);
                $after = LeastSquares::solve($scene->measuredBy(...[...$fewer, Readings::with($extra, $value)]));
                foreach (['stand', 'target', 'sensor', 'A', 'RL'] as $point) {
                    foreach ([0, 1] as $axis) {
                        $u = $before->uncertaintyOf($point)[$axis];
                        self::assertLessThanOrEqual($u * (1 + 1e-9), $after->uncertaintyOf($point)[$axis], "$point by {$extra->id()}");
                    }
                }
                $yaw = $before->uncertainty($before->geometry->bodyYaw('stand'));
                self::assertLessThanOrEqual($yaw * (1 + 1e-9), $after->uncertainty($after->geometry->bodyYaw('stand')));
            },
        );
    }

    #[DataProvider('schools')]
    public function testTheMovesAreRightAtOnce(string $school): void
    {
        $this->limitTo(15)->forAll(Generators::choose(0, 1 << 30))->disableShrinking()->then(
            static function (int $seed) use ($school): void {
                $scene = SchoolScene::draw($school, new Chance($seed), 60.0);
                $task = $scene->task();
                $placement = Placement::of($task);
                // The car stays as it was found; only the stand moves, and every tape is read again without error.
                $at = $placement->solution->geometry;
                $state = $at->state;
                $place = $at->layout->free['stand'];
                $heading = $placement->referenceHeading;
                $state[$place] += $placement->moves->along * cos($heading) - $placement->moves->across * sin($heading);
                $state[$place + 1] += $placement->moves->along * sin($heading) + $placement->moves->across * cos($heading);
                $state[$place + 2] += $placement->moves->turn;
                $after = new Geometry($at->layout, $state);
                foreach ((new EquationSystem($scene->measured->observations, $at->layout))->readings($after) as $k => $reading) {
                    self::assertEqualsWithDelta($reading, $placement->predicted[$scene->measured->observations[$k]->id()], 1e-9);
                }
                $moved = Placement::judge($task, LeastSquares::solve(Readings::exact($scene->measured, $after)));
                foreach ($moved->deviations as $name => $deviation) {
                    if ($name === 'bearing') {
                        // The sensor's own place against its design place is not for the stand to mend.
                        continue;
                    }
                    self::assertEqualsWithDelta(0.0, $deviation->value(), $deviation->angular ? 1e-8 : 1e-4, "$school, $name");
                }
            },
        );
    }

    /** Both placements say the same; what has a side is $side times as much in the second. */
    private static function compare(Placement $a, Placement $b, int $side): void
    {
        self::assertEqualsWithDelta($a->solution->chiSquare, $b->solution->chiSquare, 1e-6 * max(1.0, $a->solution->chiSquare));
        if ($side < 0) {
            // Turned, a place's two coordinates share their residuals otherwise.
            self::assertSame($a->solution->suspects(), $b->solution->suspects());
        }
        foreach ($a->solution->residuals as $i => $residual) {
            if (! $residual->prior) {
                self::assertEqualsWithDelta(abs($residual->residual), abs($b->solution->residuals[$i]->residual), 1e-6, $residual->id);
                self::assertEqualsWithDelta($residual->redundancy, $b->solution->residuals[$i]->redundancy, 1e-7, $residual->id);
            }
        }
        self::assertSame(array_keys($a->deviations), array_keys($b->deviations));
        foreach ($a->deviations as $name => $deviation) {
            self::compareDeviation($deviation, $b->deviations[$name], $name === 'along' ? 1 : $side, $name);
        }
        self::assertEqualsWithDelta($a->moves->along, $b->moves->along, 1e-5);
        self::assertEqualsWithDelta($a->moves->across, $side * $b->moves->across, 1e-5);
        self::assertEqualsWithDelta($a->moves->turn, $side * $b->moves->turn, 1e-8);
    }

    private static function compareDeviation(Deviation $a, Deviation $b, int $side, string $name): void
    {
        $size = $a->angular ? 1e-8 : 1e-5;
        self::assertEqualsWithDelta($a->value(), $side * $b->value(), $size, $name);
        self::assertEqualsWithDelta($a->uncertainty, $b->uncertainty, $size, $name);
        self::assertSame($a->decision?->verdict, $b->decision?->verdict, $name);
    }
}
