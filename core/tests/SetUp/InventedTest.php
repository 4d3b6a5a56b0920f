<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\SetUp;

use Lumbro\Core\Commands\Situation;
use Lumbro\Core\Commands\TakeReading;
use Lumbro\Core\Decision\RuleSet;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Journal\StandMoved;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\SetUp\Invented;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Work\TaskState;
use PHPUnit\Framework\TestCase;

/** Readings that look as if nobody had taken them are asked about, once. */
final class InventedTest extends TestCase
{
    public function testTheThirdRepeatInARowThatEqualsTheFirstIsAskedAbout(): void
    {
        $task = (new DemoTask())->prepared()->read(['spot-offset' => 3.0, 'split' => 0.0, 'hub-left' => 1990.0]);
        $task->read(['spot-offset-2' => 3.0, 'split-2' => 0.0]);
        self::assertSame('invented.repeats', self::asked($task, 'hub-left-2', 1990.0)?->code);
        // Another figure is an honest repeat, and so is the second that happens to be the same.
        self::assertNull(self::asked($task, 'hub-left-2', 1991.0));
        $other = (new DemoTask())->prepared()->read(['spot-offset' => 3.0, 'split' => 0.0, 'hub-left' => 1990.0]);
        $other->read(['spot-offset-2' => 3.0, 'split-2' => 1.0]);
        self::assertNull(self::asked($other, 'hub-left-2', 1990.0));
    }

    public function testAHeightTypedAsItIsWantedIsAskedAboutUntilTheTargetWasSetToIt(): void
    {
        $task = (new DemoTask())->prepared();
        $wanted = $task->state()->plan->requiredHeight();
        self::assertSame('invented.wanted', self::asked($task, 'height', $wanted, 'centre')?->code);
        self::assertNull(self::asked($task, 'height', $wanted + 1, 'centre'));
        // The same height to the top is the same height.
        $top = $task->context()->card->target->convert($wanted, 'centre', 'top');
        self::assertSame('invented.wanted', self::asked($task, 'height', $top, 'top')?->code);
        $task->entries[] = new StandMoved('moved', 'Ilse', 'now', [MoveKind::Height]);
        self::assertNull(self::asked($task, 'height', $wanted, 'centre'));
    }

    public function testAHeightThatFitsAnotherPlaceOfTheTargetIsAskedAbout(): void
    {
        $task = (new DemoTask())->prepared();
        $context = $task->context();
        $apart = $context->card->target->heights['top'] - $context->card->target->heights['centre'];
        $read = $task->state()->plan->requiredHeight() + $apart + 4;
        $question = self::asked($task, 'height', $read, 'centre');
        self::assertSame('reading.other-place', $question?->code);
        self::assertSame(['centre', 'top'], [$question->with['datum'], $question->with['place']]);
        self::assertNull(self::asked($task, 'height', $read, 'top'));
        self::assertNull(self::asked($task, 'height', $read - $apart / 2, 'centre'));
    }

    public function testReadingsQuickerThanHandsAreAskedAboutWhereTheyAreTyped(): void
    {
        $task = (new DemoTask())->prepared();
        $id = static fn(float $seconds): string => vsprintf('%s%s-%s-7000-8000-000000000000', [substr($hex = sprintf('%012x', (int) (1.764e12 + 1000 * $seconds)), 0, 4), substr($hex, 4, 4), substr($hex, 8, 4)]);
        $typed = static fn(string $call, float $value, float $at): ReadingTaken => new ReadingTaken($id($at), 'Ilse', 'now', $call, "$value mm", $value, 'mm');
        $asked = static function (float ...$at) use ($task, $typed): ?string {
            $entries = array_map($typed, ['spot-offset', 'spot-along', 'split'], [3.0, 1850.0, 1.0], array_slice($at, 0, 3));
            $state = new TaskState($task->context(), [...$task->entries, ...$entries]);

            return Invented::reading($state->plan, $state->entries, $state->setUp->readings, $state->plan->call('hub-left') ?? self::fail(), $typed('hub-left', 1990.0, $at[3]))?->code;
        };
        self::assertSame('invented.quick', $asked(0, 3, 5, 8));
        self::assertNull($asked(0, 3, 9, 12));
        self::assertNull($asked(0, 40, 90, 92));
        self::assertNull(self::asked($task, 'spot-offset', 2.0));
    }

    public function testFourStaffsThatAllShowOneFigureAreAskedAbout(): void
    {
        $read = static fn(string $place, string $typed): FloorRead => new FloorRead("f-$place", 'Ilse', 'now', $place, $typed);
        $floor = ['FL' => $read('FL', '1200 mm'), 'FR' => $read('FR', '120 cm'), 'RL' => $read('RL', '1200 mm')];
        self::assertSame('invented.staffs', Invented::staff($floor, $read('RR', '1200 mm'))?->code);
        self::assertNull(Invented::staff($floor, $read('RR', '1201 mm')));
        self::assertNull(Invented::staff(array_slice($floor, 0, 2), $read('RR', '1200 mm')));
        // Asked once, not at every further place.
        self::assertNull(Invented::staff([...$floor, 'RR' => $read('RR', '1200 mm')], $read('site-front', '1200 mm')));
    }

    public function testATaskUnderTheFirstRulesIsNotAsked(): void
    {
        $task = (new DemoTask())->prepared();
        $now = $task->context();
        $context = new TaskContext($now->card, $now->sheet, $now->kit, $now->bay, $now->operations, $now->sensor, $now->order, rules: RuleSet::First);
        $state = new TaskState($context, $task->entries);
        self::assertNull(self::question($state, 'height', $state->plan->requiredHeight(), 'centre'));
    }

    private static function asked(DemoTask $task, string $call, float $value, ?string $datum = null): ?Message
    {
        return self::question($task->state(), $call, $value, $datum);
    }

    private static function question(TaskState $state, string $call, float $value, ?string $datum): ?Message
    {
        $now = new Situation(static fn() => self::fail('The order is not asked.'), static fn() => $state->plan, static fn() => $state, byHand: true);

        return (new TakeReading())->question($now, new ReadingTaken('new', 'Ilse', 'now', $call, "$value mm", $value, 'mm', datum: $datum));
    }
}
