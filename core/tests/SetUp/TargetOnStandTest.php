<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\SetUp;

use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Intake\Owed;
use Lumbro\Core\Intake\TaskOrder;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Journal\StandSet;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\TestCase;

/** How the target hangs: plates, arms and tilts, a height taken from the sensor, and a car that is moved (needs J19 to J21). */
final class TargetOnStandTest extends TestCase
{
    public function testAPlateFeelsItsTurnAndItsTiltAndAReflectorItsPlace(): void
    {
        // 14 mm off the line at about 1,900 mm, and turned by 12 mm over 1,925 mm.
        $readings = ['spot-offset' => 14.0, 'spot-along' => 1840.0, 'split' => -12.0, 'height' => 642.0];
        $reflector = (new DemoTask())->prepared()->read($readings)->state()->setUp->azimuthError();
        $plate = (new DemoTask(card: ['target' => ['kind' => 'plate']]))->prepared()->read($readings)->state()->setUp;
        self::assertNotNull($reflector);
        self::assertEqualsWithDelta(rad2deg(14 / 1900), $reflector->deviation, 0.02);
        $turn = $plate->deviation('yaw');
        self::assertNotNull($turn);
        self::assertEqualsWithDelta(rad2deg($turn->value()), $plate->azimuthError()?->deviation, 1e-9);
        self::assertGreaterThan(0.3, abs(rad2deg($turn->value())));
        // The floor was not surveyed, so that its slope is a stated uncertainty and never nothing.
        $elevation = $plate->elevationError();
        self::assertNotNull($elevation);
        self::assertEqualsWithDelta(0.0, $elevation->deviation, 1e-12);
        self::assertGreaterThan(0.06, $elevation->uncertainty);
    }

    public function testAPlatesTiltCountsAgainstTheCardsDegreeByDegree(): void
    {
        $task = (new DemoTask(card: ['target' => ['kind' => 'plate'], 'spot' => ['tilt' => 1.5]]))->prepared();
        self::assertContains('The plate is at its detent of 1.5°, its top towards the sensor', Told::all(array_column($task->state()->plan->lineSteps(), 'question')));
        self::assertEqualsWithDelta(-1.5, $task->state()->setUp->elevationError()?->deviation, 1e-12);
        $task->entries[] = new StandSet('s1', 'Ilse', 'now', null, 1.5);
        self::assertEqualsWithDelta(0.0, $task->state()->setUp->elevationError()?->deviation, 1e-12);
    }

    public function testAnotherArmSpoilsWhatIsMeasuredAtTheTargetAndNothingElse(): void
    {
        $task = (new DemoTask())->prepared()->read(['spot-offset' => 3.0, 'spot-along' => 1840.0, 'split' => 0.0, 'height' => 642.0]);
        $task->entries[] = new StandSet('s1', 'Ilse', 'now', 120.0, 0.0);
        $state = $task->state();
        self::assertSame(['split', 'height', 'spot-along'], array_values(array_intersect(['split', 'height', 'spot-along', 'spot-offset'], array_keys($state->setUp->readings))));
        self::assertEqualsWithDelta(120.0, $state->plan->ground->arm(), 1e-12);
        // With the target back on the line, it is the stand that sits 120 mm aside, and it was turned nowhere.
        $after = $task->read(['spot-offset' => 0.0])->state();
        self::assertEqualsWithDelta(0.0, $after->setUp->deviation('across')?->value(), 0.6);
        // The same arm again spoils nothing.
        $task->entries[] = new StandSet('s2', 'Ilse', 'now', 120.0, 0.5);
        self::assertCount(4, $task->state()->setUp->readings);
    }

    public function testAHeightLevelWithTheSensorFollowsTheSensorOfThisCar(): void
    {
        $level = new DemoTask(card: ['spot' => ['heightFrom' => 'sensor', 'heightDatum' => 'top']]);
        $context = $level->context();
        self::assertEqualsWithDelta($context->sensor->height + $context->card->target->heights['top'], $context->spot->height, 1e-9);
        $sheet = $context->sheet->measured('front.height', 519.0, 0.5);
        $measured = self::of($context, $sheet);
        self::assertEqualsWithDelta(519.0 + $context->card->target->heights['top'], $measured->spot->height, 1e-9);
    }

    public function testAMeterUpsideDownInItsHolderIsADatumOfTheDrawing(): void
    {
        $task = (new DemoTask(card: ['target' => ['heights' => ['meter' => -187.5]]]))->prepared();
        self::assertContains('meter', $task->state()->plan->call('height')->details->datums ?? []);
        $task->entries[] = new ReadingTaken('h', 'Ilse', 'now', 'height', '454 mm', 454.5, 'mm', 'meter');
        self::assertEqualsWithDelta(0.0, $task->state()->setUp->height?->deviation, 1e-9);
    }

    public function testACarThatIsMovedLeavesEveryReadingBehindButNotWhatARunRestedOn(): void
    {
        $readings = ['spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'hub-left' => 2855.0, 'hub-right' => 2856.0, 'height' => 642.0];
        $moved = static fn(string ...$at): \Closure => static fn(TaskContext $context): TaskOrder => new TaskOrder($context->owed, [], [], [], carMoved: array_values($at));
        $task = (new DemoTask(order: $moved()))->prepared()->read($readings)->run(0.01);
        $before = $task->state();
        self::assertCount(6, $before->setUp->readings);
        // What was recorded "now" stands before "later".
        $after = new DemoTask(order: $moved('oh, later'));
        $after->entries = $task->entries;
        self::assertSame([], $after->state()->setUp->readings);
        self::assertSame('moved', $after->state()->record->fate($after->state()->record->readings[0]));
        self::assertEqualsWithDelta($before->lastRun()?->azimuth->misalignment, $after->state()->lastRun()?->azimuth->misalignment, 1e-12);
        // A move before anything was read is none.
        $earlier = new DemoTask(order: $moved('a day before'));
        $earlier->entries = $task->entries;
        self::assertCount(6, $earlier->state()->setUp->readings);
    }

    private static function of(TaskContext $context, VehicleSheet $sheet): TaskContext
    {
        return new TaskContext($context->card, $sheet, $context->kit, $context->bay, [], $sheet->sensor('front'), new TaskOrder(Owed::after([], $context->sensor, $context->card), [], [], []));
    }
}
