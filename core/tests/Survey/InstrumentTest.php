<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Survey;

use Lumbro\Core\Survey\Instrument;
use Lumbro\Core\Survey\LeastSquares;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\Observation\Distance;
use Lumbro\Core\Survey\Prior;
use Lumbro\Core\Survey\Solution;
use Lumbro\Core\Survey\SurveyPoint;
use PHPUnit\Framework\TestCase;

/** Errors that all readings of one tape share. */
final class InstrumentTest extends TestCase
{
    public function testASharedErrorIsLearnedFromReadingsOfKnownDistances(): void
    {
        // A tape whose end is worn by 2 mm, read over three known distances.
        $solution = $this->measure([1000 => 998.0, 2000 => 1998.0, 3000 => 2998.0], new Instrument('tape', null, new Prior(0.0, 5.0)));
        $zero = $solution->geometry->layout->zero['tape'];
        self::assertEqualsWithDelta(-2.0, $solution->geometry->state[$zero], 0.02);
        self::assertLessThan(0.2, sqrt($solution->variance([$zero => 1.0])));
    }

    public function testAStretchedTapeIsToldFromAWornOne(): void
    {
        $solution = $this->measure([1000 => 1001.0, 4000 => 4004.0], new Instrument('tape', new Prior(0.0, 0.01), new Prior(0.0, 0.001)));
        self::assertEqualsWithDelta(0.001, $solution->geometry->state[$solution->geometry->layout->scale['tape']], 1e-4);
    }

    public function testTwoReadingsOfOneTapeAreLessSureThanOfTwo(): void
    {
        $points = [new SurveyPoint('A', 0, 0, 0.001, 0.001), new SurveyPoint('P', 3000, 0, null, 0.001)];
        $u = static function (Network $network): float {
            $solution = LeastSquares::solve($network);

            return $solution->uncertainty($solution->geometry->point('P')[0]);
        };
        $read = static fn(string $id, string $tape): Distance => new Distance($id, 'A', 'P', 3000.0, 0.5, 0.0, $tape);
        $worn = static fn(string $name): Instrument => new Instrument($name, null, new Prior(0.0, 1.0));
        $one = $u(new Network($points, [], [], [$worn('t')], [$read('a', 't'), $read('b', 't')]));
        $two = $u(new Network($points, [], [], [$worn('t'), $worn('s')], [$read('a', 't'), $read('b', 's')]));
        self::assertEqualsWithDelta(sqrt(0.125 + 1.0), $one, 1e-6);
        self::assertEqualsWithDelta(sqrt(0.125 + 0.5), $two, 1e-6);
    }

    public function testWithoutItsOwnErrorsAnInstrumentChangesNothing(): void
    {
        $solution = $this->measure([1000 => 1000.5], new Instrument('tape'));
        self::assertSame(0, count($solution->geometry->layout->zero) + count($solution->geometry->layout->scale));
        self::assertEqualsWithDelta(0.5, $solution->residuals[count($solution->residuals) - 1]->observed - 1000.0, 1e-12);
    }

    /** @param array<int, float> $readings true distance → reading, mm */
    private function measure(array $readings, Instrument $instrument): Solution
    {
        $points = [new SurveyPoint('A', 0, 0, 0.001, 0.001)];
        $observations = [];
        foreach ($readings as $distance => $reading) {
            $points[] = new SurveyPoint("P$distance", (float) $distance, 0, 0.001, 0.001);
            $observations[] = new Distance("d$distance", 'A', "P$distance", $reading, 0.1, 0.0, 'tape');
        }

        return LeastSquares::solve(new Network($points, [], [], [$instrument], $observations));
    }
}
