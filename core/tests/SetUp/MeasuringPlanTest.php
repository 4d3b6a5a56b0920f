<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\SetUp;

use Lumbro\Core\Catalogue\Vehicle\Mark;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Facts\StakeOutDocument;
use Lumbro\Core\Facts\SurveyDocument;
use Lumbro\Core\Facts\TaskStateDocument;
use Lumbro\Core\Intake\TaskOrder;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Journal\ReferenceChosen;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Method\Schools;
use Lumbro\Core\SetUp\CrossCheck;
use Lumbro\Core\SetUp\Disagreement;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\SetUpBudget;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Tests\Support\Standing;
use Lumbro\Core\Tests\Support\Told;
use Lumbro\Core\Work\TaskState;
use PHPUnit\Framework\TestCase;

/** How a set-up is measured: schools in use and mixed, and what their survey says of itself. */
final class MeasuringPlanTest extends TestCase
{
    private const BOTH = ['spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'bar-left' => 2831.0, 'bar-right' => 2831.0, 'cross-left' => 3395.6, 'cross-right' => 3395.6, 'height' => 642.0];

    public function testEachSchoolAsksForItsOwnReadingsAndTwoShareWhatIsTheSame(): void
    {
        $plan = (new DemoTask())->by('plumb-and-line', 'split-from-stand')->state()->plan;
        self::assertSame(['spot-offset', 'spot-along', 'split', 'split-far', 'reach', 'height', 'hub-left', 'hub-right'], array_keys($plan->calls()));
        self::assertSame(['line-front-mark', 'line-rear-mark', 'line-laser', 'line-plumb-laser'], array_column($plan->lineSteps(), 'id'));
    }

    public function testReadingsOfASchoolGivenUpStayInTheSurvey(): void
    {
        $task = (new DemoTask())->read(['spot-offset' => -2.0, 'spot-along' => 1840.0])->by('hub-marks');
        $state = $task->state();
        self::assertContains('spot-offset', array_keys($state->plan->calls()));
        self::assertNotContains('split', array_keys($state->plan->calls()));
        self::assertContains('spot-offset', array_keys($state->setUp->readings));
        self::assertFalse($state->setUp->isPlaced());
        self::assertTrue($task->read(['bar-left' => 2831.0, 'bar-right' => 2831.0])->state()->setUp->isPlaced());
    }

    public function testEverySchoolSpoilsByAMoveExactlyWhatItChanges(): void
    {
        foreach (Schools::all() as $id => $school) {
            $plan = (new DemoTask())->by($id)->state()->plan;
            self::assertNull($school->hindrance($plan->ground));
            self::assertNotContains('toe', $plan->spoiledBy([MoveKind::Shift, MoveKind::Turn, MoveKind::Height]), 'The car was not moved.');
            // The height, and whatever slants up to the target; a tape that is laid level does not feel it.
            $raised = $plan->spoiledBy([MoveKind::Height]);
            self::assertSame([], array_filter($raised, static fn(string $call): bool => preg_match('/^(height|hub|range)/', $call) !== 1));
            self::assertContains('height', $raised);
            self::assertNotContains('height', $plan->spoiledBy([MoveKind::Shift, MoveKind::Turn]));
        }
        $lasers = (new DemoTask())->by('wheel-lasers')->state()->plan;
        // A shift leaves the mirror where it looks; a turn does not.
        self::assertNotContains('return-left', $lasers->spoiledBy([MoveKind::Shift]));
        self::assertContains('return-left', $lasers->spoiledBy([MoveKind::Turn]));
    }

    public function testASubstituteMarkIsLessSureAndSaysSo(): void
    {
        $read = ['spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0];
        $emblem = (new DemoTask())->read($read)->state();
        $plate = (new DemoTask(order: static fn(TaskContext $context): TaskOrder => new TaskOrder($context->owed, [], [], [], ['front' => Mark::PlateMiddle])))->read($read)->state();
        self::assertGreaterThan($emblem->setUp->deviation('across')->uncertainty ?? INF, $plate->setUp->deviation('across')->uncertainty ?? 0.0);
        self::assertStringContainsString('the middle of the number plate instead of the emblem', Told::words($plate->plan->lineSteps()[0]->question));
        // The spot still counts from the emblem, and the substitute's place along the car is not that well known.
        self::assertGreaterThan(5.0, $plate->setUp->deviation('along')->uncertainty ?? 0.0);
    }

    public function testTwoSchoolsAreHeldAgainstEachOther(): void
    {
        $agree = (new DemoTask())->by('plumb-and-line', 'hub-marks')->read(self::BOTH)->state();
        [$check] = CrossCheck::of($agree->plan, $agree->setUp->readings);
        self::assertFalse($check->disagrees());
        self::assertEqualsWithDelta(0.0, $check->across->value, 0.1);

        // The plumb line 20 mm aside: its target lies so far off what the hubs say, and no uncertainty covers it.
        $apart = (new DemoTask())->by('plumb-and-line', 'hub-marks')->read(['spot-offset' => 20.0, 'split' => 20.0] + self::BOTH)->state();
        [$check] = CrossCheck::of($apart->plan, $apart->setUp->readings);
        self::assertTrue($check->disagrees());
        self::assertEqualsWithDelta(20.0, $check->across->value, 0.1);
        self::assertEqualsWithDelta(rad2deg(atan(20 / 1900)), rad2deg($check->bearing->value), 0.05);
        self::assertGreaterThan(2.0, $check->explanations[0]['times']);
        $times = array_column($check->explanations, 'times');
        $sorted = $times;
        sort($sorted);
        self::assertNotSame([], $times);
        self::assertSame($sorted, $times, 'The likeliest comes first.');
    }

    public function testABlunderPointsAtOneReadingAndSaysItsSize(): void
    {
        $state = (new DemoTask())->by('plumb-and-line', 'hub-marks')->read(['bar-right' => 2862.0] + self::BOTH)->state();
        $found = Disagreement::of($state->setUp);
        self::assertSame('bar-right', $found?->id);
        self::assertEqualsWithDelta(31.0, $found->size, 4.0);
        self::assertSame(7, $found->others, 'The height is one of them.');
        /** @var array{says: Message} $written */
        $written = TaskStateDocument::write(new Standing($state))['disagreement'];
        self::assertMatchesRegularExpression('/disagrees with the other 7 by (2[7-9]|3[0-5]) mm: measure it again/', Told::words($written['says']));
        self::assertNull(Disagreement::of((new DemoTask())->by('plumb-and-line', 'hub-marks')->read(self::BOTH)->state()->setUp));
    }

    public function testTheAngleBetweenTheLinesAndItsWorthAreTold(): void
    {
        // Wheels that point 0.2° to the left, a stand on the body's own line and square to it.
        $aside = 5720 * tan(deg2rad(0.2));
        $back = 5720 * tan(deg2rad(0.4));
        $state = (new DemoTask())->by('plumb-and-line', 'wheel-lasers')->read([
            'spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'toe' => 0.0, 'height' => 642.0, 'bar-left' => 2831.0, 'bar-right' => 2831.0,
            'scale-left' => 962.0 + $aside, 'scale-right' => 962.0 - $aside, 'return-left' => $back, 'return-right' => $back,
        ])->state();
        [$body, , $thrust] = $this->references($state);
        self::assertTrue($body['inUse']);
        self::assertSame('thrust-line', $thrust['id']);
        self::assertNotNull($thrust['angle']);
        self::assertEqualsWithDelta(0.2, $thrust['angle']['amount'], 0.03);
        self::assertSame('to the car’s left', Told::words($thrust['angle']['direction']));
        self::assertGreaterThan(0.1, $thrust['worth']['amount'] ?? 0.0);
        self::assertNull($this->references((new DemoTask())->read(self::BOTH)->state())[2]['angle'], 'Nothing has measured the wheels.');
    }

    public function testASilentCardBarsTheRunUntilSomebodyChoosesTheLine(): void
    {
        $silent = new DemoTask(card: ['reference' => null]);
        self::assertContains('reference', array_column($silent->state()->bars, 'code'));
        $silent->entries[] = new ReferenceChosen('r', 'Oda', 'now', 'axles', 'The wheels were aligned yesterday.');
        $state = $silent->state();
        self::assertNotContains('reference', array_column($state->bars, 'code'));
        self::assertSame('axles', $state->plan->ground->reference);
    }

    public function testTheBudgetSaysWhatCanBeProvenAndWhatHelps(): void
    {
        $state = (new DemoTask())->read(['spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'height' => 642.0, 'hub-left' => 2861.1])->state();
        [$azimuth, $elevation] = SetUpBudget::of($state->context, $state->setUp);
        self::assertSame(Verdict::Holds, $azimuth->decision?->verdict);
        self::assertEqualsWithDelta(1.0, array_sum(array_column($azimuth->contributions, 'share')), 0.05);
        $provable = $azimuth->provable();
        self::assertNotNull($provable);
        // One-sided: 95 % of what lies about it is inside the limit.
        self::assertEqualsWithDelta(0.35 - 1.645 * $azimuth->uncertainty(), $provable, 0.02);
        self::assertNotEmpty($azimuth->checks);
        foreach ($azimuth->checks as $check) {
            self::assertLessThanOrEqual($azimuth->setUp + 1e-9, $check['uncertainty']);
            self::assertNotContains($check['call'], array_keys($state->setUp->readings));
        }
        self::assertSame('elevation', $elevation->axis);
    }

    public function testTheFloorCorrectsTheHeightAndItsUncertainty(): void
    {
        $wheels = ['FL' => 1200.0, 'FR' => 1200.0, 'RL' => 1200.0, 'RR' => 1200.0];
        $low = (new DemoTask(order: $this->floor($wheels + ['site-front' => 1212.0])))->read(['height' => 642.0])->state();
        self::assertEqualsWithDelta(654.0, $low->plan->requiredHeight(), 1e-6);
        // The laser plane's own slope is an unknown too, which the readings place within a thousandth.
        self::assertEqualsWithDelta(-12.0, $low->setUp->height->deviation ?? 0.0, 0.01);
        self::assertSame(Verdict::Out, $low->setUp->decision('height')?->verdict);
        self::assertNotContains('The floor: it was not surveyed, and ±2.0 mm was allowed for it.', Told::notProven($low));

        $unread = (new DemoTask(order: $this->floor($wheels)))->read(['height' => 642.0])->state();
        self::assertEqualsWithDelta(642.0, $unread->plan->requiredHeight(), 1e-9, 'Without a reading at the spot nothing is corrected.');
        self::assertSame(2.0, $unread->plan->floor->s);
        self::assertContains('The floor: it was not surveyed, and ±2.0 mm was allowed for it.', Told::notProven($unread));
    }

    public function testACardForAPairIsMirroredForItsOtherSide(): void
    {
        [$left, $right] = [(new DemoTask(sensor: 'rear-left'))->state()->plan, (new DemoTask(sensor: 'rear-right'))->state()->plan];
        $call = static fn(MeasuringPlan $plan, string $id): float => $plan->expected($plan->call($id) ?? throw new \LogicException($id));
        self::assertEqualsWithDelta($call($left, 'spot-offset'), -$call($right, 'spot-offset'), 1e-9);
        self::assertEqualsWithDelta($call($left, 'hub-left'), $call($right, 'hub-right'), 1e-9);
        self::assertEqualsWithDelta($call($left, 'spot-along'), $call($right, 'spot-along'), 1e-9);
        self::assertSame(['range', 'bearing'], $left->respects());
    }

    public function testADatumThatIsEasilyMistakenIsAskedAbout(): void
    {
        self::assertNotContains('line-datum', array_column((new DemoTask())->state()->plan->lineSteps(), 'id'));
        $bumper = (new DemoTask(card: ['spot' => ['datum' => 'rear-bumper']]))->state()->plan;
        self::assertStringContainsString('1,840 mm from the bumper’s rear', Told::words($bumper->lineSteps()[0]->question));
        self::assertContains('line-datum', array_column((new DemoTask(card: ['spot' => ['along' => 184]]))->state()->plan->lineSteps(), 'id'));
    }

    public function testTheStakeOutSheetAnswersToPythagoras(): void
    {
        $state = (new DemoTask(sensor: 'rear-left'))->state();
        /** @var list<array{rows: list<array{value: float}>}> $ways */
        $ways = StakeOutDocument::write($state->context, $state->plan)['ways'];
        [$along, $tapes, $diagonals, $polar] = array_map(static fn(array $way): array => array_column($way['rows'], 'value'), $ways);
        [$x, $y] = [-(3795 - 4477 + 2610 * cos(deg2rad(149))), 688 + 2610 * sin(deg2rad(149))];
        self::assertEqualsWithDelta([$x - 846, $y], $along, 1e-6);
        self::assertEqualsWithDelta([hypot($x, $y - 802), hypot($x, $y + 802)], $tapes, 1e-6);
        self::assertEqualsWithDelta([hypot($x + 2905, $y - 799), hypot($x + 2905, $y + 799)], $diagonals, 1e-6);
        self::assertEqualsWithDelta([2610.0, -31.0], $polar, 1e-6);
    }

    /** @return list<array{id: string, inUse: bool, angle: array{amount: float, direction: string}|null, worth: array{amount: float, direction: string}|null}> */
    private function references(TaskState $state): array
    {
        /** @var list<array{id: string, inUse: bool, angle: array{amount: float, direction: string}|null, worth: array{amount: float, direction: string}|null}> $references */
        $references = SurveyDocument::write($state->context, $state->setUp)['references'];

        return $references;
    }

    /**
     * An order with these staff readings.
     *
     * @param array<string, float> $readings
     *
     * @return \Closure(TaskContext): TaskOrder
     */
    private function floor(array $readings): \Closure
    {
        $floor = [];
        foreach ($readings as $place => $value) {
            $floor[$place] = new FloorRead("f$place", 'Ilse', 'now', $place, "$value mm");
        }

        return static fn(TaskContext $context): TaskOrder => new TaskOrder($context->owed, [], [], [], [], $floor);
    }
}
