<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Work;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Intake\Owed;
use Lumbro\Core\Intake\TaskOrder;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\CauseChecked;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\TargetShifted;
use Lumbro\Core\Journal\ToolAnswered;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Run\SecondEcho;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\TestCase;

/** What is advised once the axis was read: the shop's policy, the adjuster, the shift test, and when to give up. */
final class AdviceTest extends TestCase
{
    private const ELECTRONIC = ['adjustment' => ['way' => 'electronic', 'screws' => null, 'zeroRange' => 1.0]];

    private const NONE = ['adjustment' => ['way' => 'none', 'screws' => null]];

    public function testOneReadingIsRepeatedAndTwoThatAgreeClose(): void
    {
        $task = $this->task();
        $task->run(0.02);
        self::assertSame('repeat', $task->state()->present()->kind);
        self::assertContains('That the reading repeats: it was taken once.', Told::notProven($task->state()));
        $task->run(0.05);
        self::assertSame('close', $task->state()->present()->kind);
        self::assertTrue($task->state()->isSettled());
        $finding = $task->state()->run->finding;
        self::assertNotNull($finding);
        self::assertEqualsWithDelta(0.035, $finding->means['azimuth'], 1e-12);
        // Two readings halve what is their own; what a second echo adds to both alike stays.
        self::assertEqualsWithDelta(hypot(0.04 / M_SQRT2, SecondEcho::bias(null)), $finding->errors['azimuth'], 1e-12);
    }

    public function testReadingsThatDoNotRepeatAreNoProofHoweverGoodTheirMean(): void
    {
        $task = $this->task();
        foreach ([0.25, -0.25, 0.2] as $reading) {
            $task->run($reading);
        }
        self::assertFalse($task->state()->run->finding?->repeats);
        self::assertFalse($task->state()->isSettled());
        self::assertSame('repeat', $task->state()->present()->kind);
        $task->run(-0.2)->run(0.22);
        self::assertSame('diagnose', $task->state()->present()->kind);
    }

    public function testNearTheLimitItIsReadMoreAndThenThePolicyDecides(): void
    {
        $near = function (string $unproven, bool $adjusts = true): string {
            $task = $this->task(new Policy(2, 3, 3, $unproven), $adjusts ? [] : self::NONE);
            $task->run(0.33)->run(0.34)->run(0.335);
            self::assertSame(Verdict::Unproven, $task->state()->run->finding?->verdict());

            return $task->state()->present()->kind;
        };
        // A sensor whose readings scatter is read more before anything else is thought of.
        $vague = $this->task(new Policy(2, 3), ['sensor' => ['s' => 0.15]]);
        $vague->run(0.2)->run(0.22);
        self::assertSame('repeat', $vague->state()->present()->kind);
        $vague->run(0.21);
        self::assertSame('adjust', $vague->state()->present()->kind);
        self::assertSame('adjust', $near('adjust'));
        self::assertSame('accept', $near('accept-by-name'));
        self::assertSame('send-back', $near('send-back'));
        // Nothing to adjust, and not out: whoever may hands it over by name, nobody sends it back for it.
        self::assertSame('accept', $near('adjust', false));
    }

    public function testAnElectronicZeroIsProvenByTheReadingsBeforeItAndHasARange(): void
    {
        $task = $this->task(card: self::ELECTRONIC);
        $task->run(0.7)->run(0.72);
        // More than half of what the sensor takes: a zero would hide a bent mounting.
        self::assertSame(['diagnose', 'bracket'], [$task->state()->present()->kind, $task->state()->present()->call]);
        $task->entries[] = new CauseChecked('c1', 'Ilse', 'now', 'bracket', false);
        self::assertSame('zero', $task->state()->present()->kind);
        $task->entries[] = new Corrected('z1', 'Ilse', 'now', 'electronic', [], -0.71, 0.0);
        self::assertSame('repeat', $task->state()->present()->kind);
        $task->run(0.01)->run(-0.02);
        $state = $task->state();
        self::assertSame(['zero', Verdict::Holds, 'close'], [$state->run->finding?->basis, $state->run->finding?->verdict(), $state->present()->kind]);
        self::assertStringContainsString('electronic zeros of 0.71°', implode(' ', Told::notProven($state)));
        // One that the reading does not show was not taken.
        $untaken = $this->task(card: self::ELECTRONIC);
        $untaken->run(0.7)->run(0.72);
        $untaken->entries[] = new Corrected('z1', 'Ilse', 'now', 'electronic', [], -0.71, 0.0);
        $untaken->run(0.7)->run(0.71);
        self::assertSame('zero-not-taken', $untaken->state()->run->finding?->reason());
        // One without a reading before it proves nothing at all.
        $blind = $this->task(card: self::ELECTRONIC);
        $blind->entries[] = new Corrected('z1', 'Ilse', 'now', 'electronic', [], -0.71, 0.0);
        $blind->run(0.0)->run(0.0);
        self::assertSame('electronic-zero', $blind->state()->run->finding?->reason());
        self::assertFalse($blind->state()->isSettled());
        // More than the sensor takes is the mounting's fault.
        $far = $this->task(card: self::ELECTRONIC);
        $far->run(1.3)->run(1.31);
        self::assertSame(['send-back', 'bracket'], [$far->state()->present()->kind, $far->state()->present()->call]);
    }

    public function testWithNothingToAdjustTheShiftTestDecides(): void
    {
        $after = function (float $shifted): string {
            $task = $this->task(card: self::NONE);
            $task->run(0.8)->run(0.81);
            $plan = $task->state()->run->shiftTest();
            self::assertNotNull($plan);
            self::assertGreaterThan(5 * 0.04, abs($plan->bearingChange));
            $task->entries[] = new TargetShifted('s1', 'Ilse', 'now', $plan->across, 'as asked');
            self::assertSame('repeat', $task->state()->present()->kind);
            $task->run(0.8 + $shifted * $plan->bearingChange)->run(0.81 + $shifted * $plan->bearingChange);
            self::assertSame('shift-back', $task->state()->present()->kind);
            $task->entries[] = new TargetShifted('s2', 'Ilse', 'now', 0.0, 'back');
            $present = $task->run(0.8)->run(0.81)->state()->present();

            return "$present->kind $present->call";
        };
        // A target moved anticlockwise is read as a boresight further clockwise.
        self::assertSame('diagnose bracket', $after(-1.0));
        self::assertSame('diagnose clutter', $after(0.0));
        self::assertSame('prove ', $after(1.0));
    }

    public function testAfterTheLastRoundTheMountingIsLookedAtAndThenItGoesBack(): void
    {
        $task = $this->task(new Policy(1, 5, 1));
        $task->run(0.9);
        self::assertSame('adjust', $task->state()->present()->kind);
        $asked = $task->state()->run->screws()?->asked();
        self::assertNotNull($asked);
        $task->entries[] = new Corrected('c1', 'Ilse', 'now', 'screws', $asked);
        $task->run(0.6);
        self::assertSame(['diagnose', 'bracket'], [$task->state()->present()->kind, $task->state()->present()->call]);
        $task->entries[] = new CauseChecked('k1', 'Ilse', 'now', 'bracket', false);
        self::assertSame(['send-back', 'bracket'], [$task->state()->present()->kind, $task->state()->present()->call]);
    }

    public function testASensorThatIsOwedNothingIsOnlyRead(): void
    {
        $task = $this->task(owed: OwedState::NotOwed);
        $task->run(0.9)->run(0.9);
        self::assertSame('prove', $task->state()->present()->kind);
        self::assertStringContainsString('only read', Told::words($task->state()->present()->why));
    }

    public function testAWeakEchoIsAskedAboutBeforeAnythingIsConcluded(): void
    {
        $task = $this->task();
        $task->run(0.0, 0.0, 14.0)->run(0.0, 0.0, 14.2);
        self::assertSame(['diagnose', 'cover'], [$task->state()->present()->kind, $task->state()->present()->call]);
        self::assertFalse($task->state()->isSettled());
        $task->entries[] = new CauseChecked('k1', 'Ilse', 'now', 'cover', true);
        // One look sends no car to the paint shop.
        self::assertSame(['diagnose', 'cover', 'advice.second-look'], [$task->state()->present()->kind, $task->state()->present()->call, $task->state()->present()->why?->code]);
        self::assertFalse($task->state()->run->isProven());
        $second = clone $task;
        $second->entries[] = new CauseChecked('k2', 'Bram', 'now', 'cover', false);
        self::assertNotSame('send-back', $second->state()->present()->kind);
        $task->entries[] = new CauseChecked('k2', 'Bram', 'now', 'cover', true);
        self::assertSame(['send-back', 'cover'], [$task->state()->present()->kind, $task->state()->present()->call]);
    }

    public function testNoToEveryCauseAccusesNobody(): void
    {
        $task = $this->task();
        $task->run(0.0, 0.0, 12.0)->run(0.0, 0.0, 12.2);
        foreach (Cause::cases() as $i => $cause) {
            $task->entries[] = new CauseChecked("n$i", 'Ilse', 'now', $cause->value, false);
        }
        $present = $task->state()->present();
        self::assertNotSame('send-back', $present->kind);
        self::assertFalse($task->state()->isSettled() && $task->state()->run->log->sentBack !== null);
        // A run that the tool refuses, with every cause looked into: unknown, and no bad sensor.
        $refused = $this->task();
        $asked = new ToolAsked('start', 'Ilse', 'now', ToolCommand::Start, null, []);
        array_push($refused->entries, $asked, new ToolAnswered('failed', 'Ilse', 'now', $asked->id, 'failed', 'Routine ended: no target', ['reason' => 'no-target']));
        foreach (Cause::cases() as $i => $cause) {
            $refused->entries[] = new CauseChecked("c$i", 'Ilse', 'now', $cause->value, false);
        }
        self::assertSame(['prove', 'advice.unknown'], [$refused->state()->present()->kind, $refused->state()->present()->why?->code]);
    }

    /** @param array<string, mixed> $card */
    private function task(Policy $policy = new Policy(), array $card = [], OwedState $owed = OwedState::Owed): DemoTask
    {
        $order = static function (TaskContext $context) use ($policy, $owed): TaskOrder {
            $none = Owed::after([], $context->sensor, $context->card);

            return new TaskOrder($owed === OwedState::NotOwed ? $none : $context->owed, [], [], [], floor: DemoTask::floor('front'), policy: $policy);
        };

        return (new DemoTask(card: $card, order: $order))->prepared()->settled();
    }
}
