<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Method;

use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\TaskOrder;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Method\FloorGround;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Survey\Vertical;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Work\TaskState;
use PHPUnit\Framework\TestCase;

/** The floor as a part of the survey: what staffs at the wheels, the spot and under the sensor say of heights. */
final class FloorGroundTest extends TestCase
{
    private const READ = ['spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'height' => 642.0, 'sensor-height' => 505.0];

    public function testALowSpotLowersTheTargetAndTheElevation(): void
    {
        $level = self::state(self::staffs());
        $low = self::state(['site-front' => 1212.0] + self::staffs());
        self::assertEqualsWithDelta(0.0, $level->setUp->height->deviation ?? INF, 0.01);
        self::assertEqualsWithDelta(-12.0, $low->setUp->height->deviation ?? INF, 0.05);
        self::assertEqualsWithDelta(rad2deg(-12 / 1900), ($low->setUp->elevationError()->deviation ?? INF) - ($level->setUp->elevationError()->deviation ?? INF), 0.02);
    }

    public function testASlopeThatCarAndSpotShareChangesNothing(): void
    {
        // The floor rises 4 mm a metre to the front: staffs read less there.
        $at = ['FL' => 2905.0, 'FR' => 2905.0, 'RL' => 0.0, 'RR' => 0.0, 'site-front' => 5635.0, 'sensor-front' => 3735.0];
        $sloping = self::state(array_map(static fn(float $x): float => 1200.0 - 0.004 * $x, $at));
        self::assertEqualsWithDelta(0.0, $sloping->setUp->height->deviation ?? INF, 0.2);
        $vertical = $sloping->setUp->placement?->solution->geometry;
        self::assertNotNull($vertical);
        self::assertEqualsWithDelta(0.004, $vertical->a, 1e-4);
        self::assertEqualsWithDelta(0.0, $vertical->b, 1e-4);
    }

    public function testAFloorThatRollsTheCarMovesThePlumbLinesAndNotTheAxis(): void
    {
        $flat = self::state(self::staffs());
        // The left side 8 mm a metre higher; mark and target at other heights are plumbed aside by other amounts.
        $rolled = self::state(['FL' => 1193.6, 'RL' => 1193.6, 'FR' => 1206.4, 'RR' => 1206.4] + self::staffs());
        $bearing = static fn(TaskState $state): float => rad2deg($state->setUp->deviation('bearing')?->value() ?? INF);
        self::assertGreaterThan(0.01, abs($bearing($rolled) - $bearing($flat)));
        self::assertEqualsWithDelta(0.008, $rolled->setUp->placement->solution->geometry->b ?? INF, 2e-4);
    }

    public function testFourWheelsOnNoPlaneAreNoContradiction(): void
    {
        $twisted = self::state(['FL' => 1203.0, 'FR' => 1197.0, 'RL' => 1197.0, 'RR' => 1203.0] + self::staffs());
        self::assertTrue($twisted->setUp->isConsistent());
        // Two up and two down: the plane through them is the same.
        self::assertEqualsWithDelta(0.0, $twisted->setUp->placement->solution->geometry->a ?? INF, 1e-4);
        self::assertEqualsWithDelta(0.0, $twisted->setUp->placement->solution->geometry->b ?? INF, 1e-4);
    }

    public function testASecondStaffIsAReadingOfItsOwnAndASlipOfItShows(): void
    {
        $agreeing = self::state(['site-front-2' => 1201.0] + self::staffs());
        self::assertTrue($agreeing->setUp->isConsistent());
        $slipped = self::state(['site-front-2' => 1212.0] + self::staffs());
        self::assertFalse($slipped->setUp->isConsistent());
        self::assertContains('staff-site', $slipped->setUp->suspects());
        self::assertSame('survey-floor', $slipped->present()->kind);
        self::assertContains($slipped->present()->call, ['site-front', 'site-front-2']);
    }

    public function testAFloorThatIsKeptSurveyedTiltsTheCarByNoMoreThanItsPlacesMayBeOff(): void
    {
        $sheet = Document::read(VehicleSheet::class, DemoTask::node('vehicles/quillon-sable.json'));
        $known = new Vertical(0.0, 0.0, 0.001, 0.001);
        $kept = (new FloorGround($known, 1.0, false, [], 1.0, 0.2))->bounds($sheet);
        $stated = (new FloorGround($known, 1.0, true, [], 1.0, 0.2))->bounds($sheet);
        self::assertEqualsWithDelta(12 / $sheet->wheelbase, $kept['^pitch'], 1e-5);
        self::assertEqualsWithDelta(12 / min($sheet->trackFront, $sheet->trackRear), $kept['^roll'], 1e-5);
        self::assertEqualsWithDelta(deg2rad(1.0), $stated['^pitch'], 1e-9);
        // Free where the wheels were read: their staffs are bounded, not what they say.
        self::assertArrayNotHasKey('^pitch', (new FloorGround(new Vertical(0.0, 0.0), 1.0, false, [], 1.0, 0.2))->bounds($sheet));
    }

    public function testAnotherSensorsSpotIsNotThisOnes(): void
    {
        $read = self::state(['site-rear-left' => 1250.0] + self::staffs());
        self::assertEqualsWithDelta(0.0, $read->setUp->height->deviation ?? INF, 0.01);
        self::assertSame(['FL', 'FR', 'RL', 'RR', 'site', 'sensor'], array_keys($read->plan->ground->floor->staffs ?? []));
    }

    public function testAStaffUnderTheSensorTakesTheWheelsPlaneOutOfTheElevation(): void
    {
        $without = self::state(array_diff_key(self::staffs(), ['sensor-front' => 0]));
        $with = self::state(self::staffs());
        self::assertLessThan($without->setUp->elevationError()->uncertainty ?? 0.0, $with->setUp->elevationError()->uncertainty ?? INF);
    }

    /** @return array<string, float> a level floor */
    private static function staffs(): array
    {
        return ['FL' => 1200.0, 'FR' => 1200.0, 'RL' => 1200.0, 'RR' => 1200.0, 'site-front' => 1200.0, 'sensor-front' => 1200.0];
    }

    /** @param array<string, float> $staffs place → mm */
    private static function state(array $staffs): TaskState
    {
        $floor = [];
        foreach ($staffs as $place => $read) {
            $floor[$place] = new FloorRead("f-$place", 'Ilse', 'now', $place, "$read mm");
        }
        $order = static fn(TaskContext $context): TaskOrder => new TaskOrder($context->owed, [], [], [], floor: $floor);

        return (new DemoTask(order: $order))->prepared()->read(self::READ)->state();
    }
}
