<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Work;

use Lumbro\Core\Catalogue\Kit\Kit;
use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Catalogue\ShopRules\SlipLimits;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Facts\SurveyDocument;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Intake\Bar;
use Lumbro\Core\Intake\TaskOrder;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Method\Names;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Work\TaskState;
use PHPUnit\Framework\TestCase;

/** What could be wrong in a set-up and not show: it bars the run, it is told, and the readings that bring it to light are asked for (need J43). */
final class GuardTest extends TestCase
{
    /** As the front radar is set up with both check tapes and nothing else. */
    private const AGREEING = ['spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'height' => 642.0, 'hub-left' => 2861.0, 'hub-right' => 2861.0];

    public function testTapesThatAgreeAreNoProof(): void
    {
        $state = (new DemoTask())->prepared()->read(self::AGREEING)->state();
        self::assertTrue($state->setUp->isConsistent());
        self::assertContains('height', $state->setUp->unchecked(), 'One height alone is checked by nothing.');
        $guard = $state->setUp->guard('azimuth');
        self::assertNotNull($guard);
        self::assertGreaterThan(0.5, $guard->largest() ?? INF);
        self::assertEqualsWithDelta(0.21, $guard->limit, 1e-12);
        self::assertFalse($state->setUp->holds());
        self::assertContains('unguarded', self::codes($state));
        self::assertFalse($state->mayRun());
    }

    public function testASlipThatHidFromTheTapesIsFoundByWhatIsAskedFor(): void
    {
        // The front mark plumbed 25 mm aside, everything else as it ought to be: the line runs askew, and the stand with it.
        $aside = 25.0;
        $turned = $aside / 4641;
        $read = [
            'spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'height' => 642.0,
            'sensor-offset' => -$aside * 0.987, 'hub-offset-FL' => 799.0 - $aside * 0.808, 'hub-offset-FR' => -799.0 - $aside * 0.808,
            'hub-offset-RL' => 802.0 - 846 * $turned, 'hub-offset-RR' => -802.0 - 846 * $turned,
        ];
        $task = (new DemoTask())->prepared()->settled($read);
        $state = $task->state();
        // It is the mark that is set aside, or a reading that is asked for again: in no case does it hold unseen.
        $bearing = rad2deg($state->setUp->deviation('bearing')?->value() ?? 0.0);
        self::assertTrue(
            $state->setUp->isConsistent() === false || abs($bearing) > 0.3,
            sprintf('The stand aims %.2f° aside, and nothing says so.', $bearing),
        );
        self::assertFalse($state->mayRun());
    }

    public function testWhatGuardsIsReadAndThenItMayRun(): void
    {
        $task = (new DemoTask())->prepared()->settled();
        $state = $task->state();
        self::assertTrue($state->setUp->holds());
        self::assertTrue($state->mayRun());
        foreach (['azimuth', 'elevation'] as $axis) {
            $guard = $state->setUp->guard($axis);
            self::assertNotNull($guard);
            self::assertLessThanOrEqual($guard->limit, $guard->largest());
        }
        self::assertContains('sensor-offset', array_keys($state->setUp->readings));
        // A move takes away what was read of the spot, and with it the guard.
        self::assertFalse($task->move(MoveKind::Shift)->state()->mayRun());
    }

    public function testAtTheProofNoMoreMayHideThanIsLeftOfTheLimit(): void
    {
        $task = (new DemoTask())->prepared()->settled();
        $hidden = $task->state()->setUp->guard('azimuth')?->largest();
        self::assertNotNull($hidden);
        $near = 0.35 - 0.5 * $hidden;
        $finding = $task->run($near)->run($near)->state()->run->finding;
        self::assertNotSame(Verdict::Holds, $finding?->verdict(), 'The largest slip that could hide would leave it outside.');
    }

    public function testAnAxisWithoutALimitStandsInNobodysWay(): void
    {
        $task = (new DemoTask(card: ['sensor' => ['limits' => ['elevation' => null]]]))->prepared()->settled();
        $state = $task->run(0.02, 3.0)->run(0.03, 3.1)->state();
        self::assertSame(Verdict::Holds, $state->run->finding?->verdict());
        self::assertTrue($state->isSettled());
    }

    /** Somebody who takes whatever is doubted anew and reads the same again is told so, and not sent round in circles. */
    public function testAReadingThatCameOutTheSameIsNotAskedForAgainAndAgain(): void
    {
        foreach ([['sensor-offset' => 30.0], ['hub-offset-RR' => -801.0, 'sensor-along' => 91.0, 'reach' => 1856.0], ['rule-check' => 194.0, 'hub-left' => 2865.0, 'reach' => 1811.0]] as $wrong) {
            $task = (new DemoTask())->prepared()->read(isset($wrong['rule-check']) ? ['rule-check' => $wrong['rule-check']] : []);
            $asked = [];
            for ($step = 0; $step < 40; $step++) {
                $state = $task->settled($wrong)->state();
                $call = $state->present()->call ?? '';
                if (! in_array($state->present()->kind, ['remeasure', 'decide', 'improve'], true) || $state->plan->call($call) === null) {
                    break;
                }
                $asked[$call] = ($asked[$call] ?? 0) + 1;
                $before = $state->setUp->readings[$call] ?? null;
                $before === null ? $task->read([$call => round($state->plan->expected($state->plan->call($call)), 1)]) : $task->correct($call, $before->value, $before->id);
            }
            self::assertSame('improve', $task->state()->present()->kind);
            self::assertNotNull($task->state()->present()->why);
            self::assertLessThanOrEqual(2, max([0, ...$asked]), (string) json_encode([$wrong, $asked, $task->state()->present()->kind]));
        }
    }

    public function testAPlatesBubbleThatWasMisreadCountsAmongWhatCouldHide(): void
    {
        $guard = (new DemoTask(card: ['target' => ['kind' => 'plate']]))->prepared()->settled()->state()->setUp->guard('elevation');
        self::assertNotNull($guard);
        // Turned round, a level shows 0.2°; what is less adds to the elevation degree for degree.
        self::assertEqualsWithDelta(0.2, $guard->largest(), 1e-9);
        self::assertSame('plate.tilt', $guard->hidden->id);
    }

    public function testASpotTwoMetresAsideIsNotMeasuredByAShortRule(): void
    {
        $rear = (new DemoTask(['rear-cover-removed'], 'rear-left', kit: self::withoutALongRule()))->state()->plan;
        self::assertSame($rear->context->kit->tape->id, $rear->call('spot-offset')?->instrument);
        $front = (new DemoTask())->state()->plan;
        self::assertSame($front->context->kit->rule->id, $front->call('spot-offset')?->instrument);
        self::assertSame('rule-2', $front->call('hub-offset-FL')?->instrument);
        $short = (new DemoTask(kit: self::withoutALongRule()))->state()->plan;
        self::assertSame($short->context->kit->tape->id, $short->call('hub-offset-FL')?->instrument);
    }

    private static function withoutALongRule(): Kit
    {
        $kit = (new DemoTask())->context()->kit;

        return Copy::of($kit, ['rules' => [$kit->rule]]);
    }

    public function testAShortRulesCheckVouchesForNoLongRule(): void
    {
        $kit = self::withoutALongRule();
        $long = Copy::of($kit->rule, ['id' => 'rule-long', 'reach' => 2500.0]);
        $ground = static fn(Kit $kit): array => array_column((new DemoTask([], 'rear-left', kit: $kit))->state()->plan->ground->network([], \Lumbro\Core\Method\Guess::Place)->instruments, 'name');
        self::assertNotContains('longRule', $ground($kit));
        $with = Copy::of($kit, ['rules' => [$kit->rule, $long]]);
        self::assertContains('longRule', $ground($with));
        $plan = (new DemoTask([], 'rear-left', kit: $with))->state()->plan;
        $spot = $plan->call('spot-offset');
        self::assertSame('rule-long', $spot?->instrument);
        self::assertSame('longRule', $spot->observation(null, 0.0, Names::stand())->instrument());
    }

    public function testASmallerBoundOfTheShopHidesLessAndIsShownAsTheShops(): void
    {
        $hidden = static function (?SlipLimits $slips): float {
            $order = static fn(TaskContext $context): TaskOrder => new TaskOrder($context->owed, [], [], [], floor: DemoTask::floor('front'), policy: new Policy(slips: $slips));
            $state = (new DemoTask(order: $order))->prepared()->read(['spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'height' => 642.0, 'sensor-offset' => 0.0, 'spot-offset-2' => 0.0, 'sensor-offset-2' => 0.0])->state();
            $bounds = array_column((array) SurveyDocument::write($state->context, $state->setUp)['bounds'], 'changed');
            self::assertSame($slips === null ? 0 : 1, count(array_filter($bounds)));

            return $state->setUp->guard('azimuth')?->largest() ?? INF;
        };
        $usual = $hidden(null);
        self::assertTrue(is_finite($usual));
        self::assertLessThan($usual, $hidden(new SlipLimits(mark: 6.0)));
    }

    public function testASpotLowOnAFloorThatNobodySurveyedIsNotProven(): void
    {
        $unsurveyed = (new DemoTask(order: static fn(TaskContext $context): TaskOrder => new TaskOrder($context->owed, [], [], [])))->prepared()->settled();
        $state = $unsurveyed->state();
        self::assertSame('survey-floor', $state->present()->kind);
        self::assertGreaterThan(0.27, $state->setUp->guard('elevation')?->largest() ?? INF);
    }

    public function testTheCarsOwnAxisIsNoExactLineThroughTwoMarks(): void
    {
        $marks = (new DemoTask(card: ['reference' => 'body-centreline']))->read(self::AGREEING)->state();
        self::assertContains('reference', self::codes($marks), 'A card that says the line through the marks is asked what it means.');
        $body = (new DemoTask())->read(self::AGREEING)->state();
        self::assertNotContains('reference', self::codes($body));
        self::assertGreaterThan(1.5, $body->setUp->deviation('across')->uncertainty ?? 0.0);
    }

    public function testNobodyIsToldWhatASecondReadingOughtToBe(): void
    {
        $state = (new DemoTask())->prepared()->read(self::AGREEING)->read(['sensor-offset' => 0.0])->state();
        $call = $state->plan->call('sensor-offset-2');
        self::assertNotNull($call);
        self::assertNull($state->expectedOf($call));
    }

    /** @return list<string> */
    private static function codes(TaskState $state): array
    {
        return array_values(array_unique(array_map(static fn(Bar $bar): string => $bar->code, $state->bars)));
    }
}
