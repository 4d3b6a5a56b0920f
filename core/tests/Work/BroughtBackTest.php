<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Work;

use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Journal\StandBumped;
use Lumbro\Core\Tests\Support\DemoTask;
use PHPUnit\Framework\TestCase;

/** A target that is taken away is shown to be back; a stand that was bumped is measured again. */
final class BroughtBackTest extends TestCase
{
    public function testAProofWaitsForAReadingThatShowsTheTargetBackInItsPlace(): void
    {
        $task = (new DemoTask())->prepared()->settled()->routine()->run(0.05)->run(0.06);
        $state = $task->state();
        self::assertFalse($state->run->isProven());
        self::assertSame(['guard', 'advice.back'], [$state->present()->kind, $state->present()->why?->code]);
        $asked = (string) $state->present()->call;
        self::assertStringStartsWith('spot-offset', $asked);

        $shown = $task->read([$asked => $state->setUp->readings['spot-offset']->value])->state();
        self::assertTrue($shown->run->isProven());
        self::assertSame('close', $shown->present()->kind);
    }

    public function testATargetThatCameBackElsewhereIsAskedAboutAndProvesNothing(): void
    {
        $task = (new DemoTask())->prepared()->settled()->routine()->run(0.05)->run(0.06);
        $state = $task->state();
        $asked = (string) $state->present()->call;
        $off = $task->read([$asked => $state->setUp->readings['spot-offset']->value + 14.0])->state();
        self::assertFalse($off->setUp->isConsistent());
        self::assertFalse($off->run->isProven());
        self::assertSame(['remeasure', 'advice.not-back'], [$off->present()->kind, $off->present()->why?->code]);
    }

    public function testABumpedStandIsMeasuredAnewAndItsRunProvesNothingAnyMore(): void
    {
        $task = (new DemoTask())->prepared()->settled()->routine()->run(0.05)->run(0.06);
        $before = $task->state();
        $asked = (string) $before->present()->call;
        $task->read([$asked => $before->setUp->readings['spot-offset']->value]);
        self::assertTrue($task->state()->run->isProven());
        $task->entries[] = new StandBumped('bumped', 'Ilse', 'now', 'a trolley ran into it');
        $state = $task->state();
        self::assertFalse($state->run->isProven());
        self::assertSame('read', $state->present()->kind);
        self::assertArrayNotHasKey('spot-offset', $state->setUp->readings);
        self::assertArrayNotHasKey('height', $state->setUp->readings);
        // What belongs to the car alone stands.
        self::assertArrayHasKey('sensor-offset', $state->setUp->readings);
        self::assertSame(1, count(array_filter($state->entries, static fn(object $entry): bool => $entry instanceof RunMade && $entry->azimuth === 0.06)));
        // Nothing was planned: what should be read is what the card says, not what a move would have led to.
        self::assertEqualsWithDelta(0.0, $state->expected['spot-offset'], 1e-9);
    }
}
