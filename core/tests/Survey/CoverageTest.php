<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Survey;

use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Placement\Deviation;
use Lumbro\Core\Placement\Placement;
use Lumbro\Core\Placement\PlacementTask;
use Lumbro\Core\Placement\Tolerances;
use Lumbro\Core\Survey\Body;
use Lumbro\Core\Survey\Heading;
use Lumbro\Core\Survey\LeastSquares;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\SurveyPoint;
use Lumbro\Core\Tests\Support\Chance;
use Lumbro\Core\Tests\Support\Draws;
use Lumbro\Core\Tests\Support\SchoolScene;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Seeded simulations: errors drawn from the stated uncertainties, over many set-ups of every school. */
final class CoverageTest extends TestCase
{
    /** A count may miss its share by so many of its own standard errors, however few the draws are. */
    private const ERRORS = 4;

    private static function draws(): int
    {
        return Draws::of(7600, 900);
    }

    /** @return iterable<string, array{string}> */
    public static function schools(): iterable
    {
        foreach (SchoolScene::ALL as $school) {
            yield $school => [$school];
        }
    }

    #[DataProvider('schools')]
    public function testIntervalsCoverTheTruthAndTheConsistencyTestFailsAsOftenAsItSays(string $school): void
    {
        $chance = new Chance(crc32($school));
        $covered = ['x' => 0, 'y' => 0, 'yaw' => 0];
        $failed = 0;
        $draws = self::draws();
        $bound = self::ERRORS * sqrt(0.05 * 0.95 / $draws);
        for ($draw = 0; $draw < $draws; $draw++) {
            $scene = SchoolScene::draw($school, $chance);
            $solution = LeastSquares::solve($scene->measured);
            [$x, $y] = $solution->geometry->point('stand');
            $truth = $scene->truth;
            foreach (['x' => [$x, $truth->x['stand']], 'y' => [$y, $truth->y['stand']], 'yaw' => [$solution->geometry->bodyYaw('stand'), $truth->yaw['stand']]] as $name => [$found, $true]) {
                $covered[$name] += abs($found->value - $true) <= 1.959964 * $solution->uncertainty($found) ? 1 : 0;
            }
            $failed += $solution->isConsistent() === false ? 1 : 0;
        }
        foreach ($covered as $name => $count) {
            self::assertEqualsWithDelta(0.95, $count / $draws, $bound, "$school, $name");
        }
        self::assertEqualsWithDelta(0.05, $failed / $draws, $bound, "$school, consistency");
    }

    public function testABlunderOfTenUncertaintiesIsNamedWhereTheOthersCheckTheReading(): void
    {
        $chance = new Chance(1880);
        $readings = 0;
        $blunders = Draws::of(200, 40);
        foreach (SchoolScene::ALL as $school) {
            foreach (LeastSquares::solve(SchoolScene::draw($school, $chance)->measured)->residuals as $checked) {
                if ($checked->prior || $checked->redundancy <= 0.3) {
                    continue;
                }
                $readings++;
                $named = 0;
                for ($draw = 0; $draw < $blunders; $draw++) {
                    $scene = SchoolScene::draw($school, $chance, blunders: [$checked->id => $draw % 2 === 0 ? 10.0 : -10.0]);
                    $named += in_array($checked->id, LeastSquares::solve($scene->measured)->suspects(), true) ? 1 : 0;
                }
                self::assertGreaterThanOrEqual(0.95 * $blunders, $named, "$school, {$checked->id}");
            }
        }
        self::assertGreaterThan(20, $readings);
    }

    #[DataProvider('schools')]
    public function testFewOfTheSetUpsThatHoldAreTrulyOut(string $school): void
    {
        $chance = new Chance(crc32("verdicts of $school"));
        $held = $wrong = $each = $eachWrong = 0;
        $verdicts = Draws::of(2000, 400);
        $tolerances = self::withinReach(Placement::of(SchoolScene::draw($school, $chance)->task())->deviations);
        for ($draw = 0; $draw < $verdicts; $draw++) {
            $scene = SchoolScene::draw($school, $chance, 25.0);
            $task = $scene->task($tolerances);
            $true = self::trueDeviations($scene, $task);
            $holds = true;
            $out = false;
            foreach (Placement::of($task)->deviations as $name => $deviation) {
                self::assertNotNull($deviation->tolerance);
                self::assertNotNull($deviation->decision);
                $isOut = abs($true[$name]) > $deviation->tolerance;
                $out = $out || $isOut;
                if ($deviation->decision->verdict === Verdict::Holds) {
                    $each++;
                    $eachWrong += $isOut ? 1 : 0;
                } else {
                    $holds = false;
                }
            }
            $held += $holds ? 1 : 0;
            $wrong += $holds && $out ? 1 : 0;
        }
        self::assertGreaterThan($verdicts / 200, $held, "$school: too few hold to say anything");
        self::assertLessThanOrEqual(0.05, $wrong / $held, $school);
        self::assertLessThanOrEqual(0.05, $eachWrong / $each, $school);
    }

    /**
     * Tolerances that such a survey can prove at all: the card's, or three and a half of its uncertainties.
     *
     * @param array<string, Deviation> $deviations
     */
    private static function withinReach(array $deviations): Tolerances
    {
        return new Tolerances(...array_map(static fn(Deviation $d): float => max((float) $d->tolerance, 3.5 * $d->uncertainty), $deviations));
    }

    /**
     * @return array<string, float> what the deviations of a scene are in truth, mm and rad
     */
    private static function trueDeviations(SchoolScene $scene, PlacementTask $task): array
    {
        $at = $scene->truth;
        $sure = 1e-6;
        $measured = $scene->measured;
        $points = array_map(static fn(SurveyPoint $p): SurveyPoint => new SurveyPoint($p->name, $at->x[$p->name], $at->y[$p->name], $sure, $sure), $measured->points);
        $bodies = array_map(static fn(Body $b): Body => new Body($b->name, $at->x[$b->name], $at->y[$b->name], $at->yaw[$b->name], $b->points, $sure, $sure, $sure), $measured->bodies);
        $headings = array_map(static fn(Heading $h): Heading => new Heading($h->name, $at->headingOf($h->name), $sure), $measured->headings);
        $known = LeastSquares::solve(new Network($points, $bodies, $headings, [], []));

        return array_map(static fn(Deviation $d): float => $d->value(), Placement::judge($task, $known)->deviations);
    }
}
