<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Run;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\CauseChecked;
use Lumbro\Core\Journal\StandNudged;
use Lumbro\Core\Journal\ToolAnswered;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Run\WalkPlan;
use Lumbro\Core\Tests\Support\DemoTask;
use PHPUnit\Framework\TestCase;

/** The stand is nudged along the range between readings, so that a second echo bends each of them otherwise. */
final class WalkTest extends TestCase
{
    public function testANudgeIsAnEighthOfTheWavelength(): void
    {
        self::assertEqualsWithDelta(0.5, WalkPlan::step(76.5), 1e-9);
        self::assertEqualsWithDelta(1.6, WalkPlan::step(24.15), 1e-9);
        $walked = [0.0, 0.0];
        for ($i = 1; $i < 4; $i++) {
            $next = WalkPlan::next(76.5, $walked);
            self::assertNotNull($next);
            self::assertEqualsWithDelta(0.5 * $i, $next, 1e-9);
            // λ/8 to 3λ/8 for each, never near λ/2 = 1.96 mm.
            self::assertGreaterThanOrEqual(299.792458 / 76.5 / 8 - 1e-9, $next - max($walked));
            $walked[] = $next;
        }
        self::assertNull(WalkPlan::next(76.5, $walked));
    }

    public function testAWalkThatWouldProveTheAxisIsAskedForStepByStep(): void
    {
        $task = $this->nearTheLimit();
        $state = $task->state();
        self::assertFalse($state->run->isProven());
        self::assertTrue($state->run->wouldWalkProve());
        self::assertSame(['nudge', 'advice.walk'], [$state->present()->kind, $state->present()->why?->code]);
        $wide = $state->run->finding->errors['azimuth'] ?? 0.0;
        for ($place = 1; $place < 4; $place++) {
            $task->entries[] = new StandNudged("nudge-$place", 'Ilse', 'now', $task->state()->run->nudge() ?? self::fail('The walk ends early.'));
            self::assertSame(['repeat', 'advice.walk-read'], [$task->state()->present()->kind, $task->state()->present()->why?->code]);
            $task->run(self::READ + 0.01 * (-1) ** $place);
        }
        $walked = $task->state();
        self::assertFalse($walked->run->isProven(), 'The stand is not back yet.');
        self::assertSame(['nudge', 'advice.walk-back'], [$walked->present()->kind, $walked->present()->why?->code]);
        self::assertLessThan(0.7 * $wide, $walked->run->finding->errors['azimuth'] ?? INF);
        self::assertFalse($walked->run->finding?->interference);
        $task->entries[] = new StandNudged('nudge-back', 'Ilse', 'now', 0.0);
        self::assertSame(0.0, $task->state()->run->log->nudge);
        self::assertNotSame('nudge', $task->state()->present()->kind);
    }

    public function testAWalkThatBringsASecondEchoToLightIsTheLessSure(): void
    {
        $task = $this->nearTheLimit();
        $calm = $task->state();
        foreach ([[0.5, 0.25], [1.0, -0.05], [1.5, 0.12]] as [$away, $read]) {
            $task->entries[] = new StandNudged("nudge-$away", 'Ilse', 'now', $away);
            $task->run($read);
        }
        $finding = $task->state()->run->finding;
        self::assertTrue($finding?->interference);
        // A quiet walk of four is known to half of one reading's uncertainty.
        self::assertGreaterThan(1.5 * $calm->context->cardSensor->s / 2, $finding->errors['azimuth']);
    }

    public function testACardThatDoesNotSayItsFrequencyIsNotWalked(): void
    {
        $task = $this->nearTheLimit(['echo' => ['frequency' => null]]);
        self::assertNull($task->state()->run->nudge());
        self::assertNotSame('nudge', $task->state()->present()->kind);
    }

    private const READ = 0.175;

    /** @param array<string, mixed> $card */
    private function nearTheLimit(array $card = []): DemoTask
    {
        $task = (new DemoTask(card: $card))->prepared()->settled()->routine();
        // The empty zone is loud, and what is in it cannot be taken away.
        $asked = new ToolAsked('empty', 'Ilse', 'now', ToolCommand::EmptyZone, null, []);
        array_push($task->entries, $asked, new ToolAnswered('emptied', 'Ilse', 'now', $asked->id, 'done', '', ['emptyLevel' => 24.5 - 28.0]), new CauseChecked('looked', 'Ilse', 'now', Cause::Clutter->value, false, 'a post of the building'));
        foreach ([self::READ, self::READ + 0.01] as $read) {
            $task->run($read);
        }

        return $task;
    }
}
