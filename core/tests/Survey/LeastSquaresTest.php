<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Survey;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\Underdetermined;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;
use Lumbro\Core\Survey\LeastSquares;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\Observation\Beam;
use Lumbro\Core\Survey\Observation\Distance;
use Lumbro\Core\Survey\Observation\MirrorReturn;
use Lumbro\Core\Survey\SurveyPoint;
use Lumbro\Core\Tests\Support\Scene;
use Lumbro\Core\Tests\Support\Told;
use Lumbro\Core\Tests\Support\WheelLaserScene;
use PHPUnit\Framework\TestCase;

final class LeastSquaresTest extends TestCase
{
    use TestTrait;

    public function testWithoutRedundancyTheSolutionIsTheHandFormula(): void
    {
        // Tapes a and b from hubs a track W apart put the point at y = (b² − a²)/2W.
        [$a, $b, $track] = [2410.0, 2433.0, 1600.0];
        $solution = LeastSquares::solve(new Network(
            [new SurveyPoint('L', 0, $track / 2, 0.001, 0.001), new SurveyPoint('R', 0, -$track / 2, 0.001, 0.001), new SurveyPoint('P', 2000, 0)],
            [],
            [],
            [],
            [new Distance('a', 'L', 'P', $a, 1.0), new Distance('b', 'R', 'P', $b, 1.0)],
        ));
        self::assertEqualsWithDelta(($b ** 2 - $a ** 2) / (2 * $track), $solution->geometry->y['P'], 1e-6);
        self::assertSame(0, $solution->degreesOfFreedom);
        self::assertNull($solution->isConsistent());
    }

    public function testParallelWheelBeamsAndAMirrorGiveTheHandFormulas(): void
    {
        // Scales L and R put the bar's middle (R − L)/2 off the line; a bar turned by ψ shifts the return by −d·tan 2ψ.
        [$distance, $middle, $turn] = [4200.0, 13.0, 0.004];
        $at = new Geometry($layout = new Layout(WheelLaserScene::network($distance, $middle, $turn, 0.0, 0.0)), $layout->start);
        $row = [];
        $left = (new Beam('l', 'RL', 'left', 'bar', null, 1.0))->predict($at, $row);
        $right = (new Beam('r', 'RR', 'right', 'bar', null, 1.0))->predict($at, $row);
        self::assertEqualsWithDelta($middle, (abs($right) - abs($left)) / 2 * cos($turn), 1e-6);
        $met = $distance - (800 - $middle) * tan($turn);
        self::assertEqualsWithDelta(-$met * tan(2 * $turn), (new MirrorReturn('m', 'RL', 'left', 'bar', null, null, 1.0))->predict($at, $row), 1e-6);
    }

    public function testARigidMotionChangesNothingThatItShouldNot(): void
    {
        $here = LeastSquares::solve((new Scene())->network(['left' => 1.7, 'right' => -2.2, 'offset' => 0.8]));
        $this->limitTo(40)->forAll(Generators::choose(-314, 314), Generators::choose(-9000, 9000))->then(
            static function (int $turn, int $shift) use ($here): void {
                $there = LeastSquares::solve((new Scene(turn: $turn / 100, shiftX: $shift, shiftY: -$shift / 3))->network(['left' => 1.7, 'right' => -2.2, 'offset' => 0.8]));
                self::assertEqualsWithDelta($here->chiSquare, $there->chiSquare, 1e-6);
                foreach ($here->residuals as $i => $residual) {
                    if (! $residual->prior) {
                        self::assertEqualsWithDelta($residual->residual, $there->residuals[$i]->residual, 1e-6);
                        self::assertEqualsWithDelta($residual->redundancy, $there->residuals[$i]->redundancy, 1e-9);
                    }
                }
            },
        );
    }

    public function testRedundanciesAddUpToTheDegreesOfFreedom(): void
    {
        $solution = LeastSquares::solve((new Scene())->network(['along' => 3]));
        $sum = 0.0;
        foreach ($solution->residuals as $residual) {
            self::assertGreaterThan(-1e-9, $residual->redundancy);
            $sum += $residual->redundancy;
        }
        self::assertEqualsWithDelta($solution->degreesOfFreedom, $sum, 1e-7);
        self::assertSame(2, $solution->degreesOfFreedom);
    }

    public function testAMisreadTapeIsNamed(): void
    {
        $solution = LeastSquares::solve((new Scene())->network(['along' => 45]));
        self::assertFalse($solution->isConsistent());
        self::assertSame('along', $solution->suspects()[0]);
    }

    public function testOneSlipThatSeveralReadingsCouldHoldNamesThemAll(): void
    {
        $errors = ['along' => 45];
        $network = (new Scene())->network($errors);
        $fewer = LeastSquares::solve(Scene::observed($network, ...array_slice($network->observations, 0, 4)));
        self::assertSame(1, $fewer->degreesOfFreedom);
        self::assertContains('along', $fewer->suspects());
        self::assertContains('left', $fewer->suspects());
    }

    public function testAnAddedReadingNeverIncreasesAnUncertainty(): void
    {
        $network = (new Scene())->network();
        $before = LeastSquares::solve(Scene::observed($network, ...array_slice($network->observations, 0, 3)));
        $after = LeastSquares::solve($network);
        foreach (['stand', 'target', 'sensor', 'A'] as $point) {
            foreach ([0, 1] as $axis) {
                $u = $before->uncertainty($before->geometry->point($point)[$axis]);
                self::assertLessThanOrEqual($u + 1e-9, $after->uncertainty($after->geometry->point($point)[$axis]));
            }
        }
    }

    public function testWhatNothingFixesIsNamed(): void
    {
        $network = (new Scene())->network([], false);
        try {
            LeastSquares::solve(Scene::observed($network, $network->observations[0], $network->observations[1]));
            self::fail('A stand without its turn was solved.');
        } catch (Underdetermined $failure) {
            self::assertContains('stand.yaw', $failure->unfixed());
            self::assertNotContains('A.x', $failure->unfixed());
        }
    }

    public function testCoincidentPointsGiveAProperError(): void
    {
        $said = Told::refusal(InvalidInput::class, static fn(): mixed => LeastSquares::solve(new Network(
            [new SurveyPoint('L', 0, 0, 1, 1), new SurveyPoint('P', 0, 0)],
            [],
            [],
            [],
            [new Distance('a', 'L', 'P', 100.0, 1.0), new Distance('b', 'P', 'L', 100.0, 1.0)],
        )));
        self::assertStringContainsString('The tape from “L” to “P” has no direction', $said);
    }
}
