<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\SetUp;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Bay\Obstacle;
use Lumbro\Core\Catalogue\Bay\Stance;
use Lumbro\Core\Decision\RuleSet;
use Lumbro\Core\Intake\Bar;
use Lumbro\Core\SetUp\SpotRoom;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Work\TaskState;
use PHPUnit\Framework\TestCase;

/** A target's spot that lies behind a wall, or where something stands, is said before anybody reads a tape. */
final class SpotRoomTest extends TestCase
{
    public function testASpotBehindTheWallIsTheFirstThingSaidAndBars(): void
    {
        $task = new DemoTask();
        $there = self::codes($task->context(), 4_000.0);
        self::assertSame(['stance', true], [$there[0], in_array('spot', $there[1], true)]);
        $here = self::codes($task->context(), 0.0);
        self::assertNotSame('stance', $here[0]);
        self::assertNotContains('spot', $here[1]);
        self::assertNotContains('spot', self::codes($task->context(), 4_000.0, RuleSet::Second)[1], 'earlier rules did not ask');
    }

    public function testWhatStandsOnTheSpotIsNamed(): void
    {
        $bay = new Bay('Hall', [[0, 3000], [9000, 3000], [9000, -3000], [0, -3000]], 2.0, [new Obstacle('the lift', [[4000, 500], [5000, 500], [5000, -500], [4000, -500]])]);
        self::assertSame('the lift', SpotRoom::hindrance($bay, 4500, 0)?->with['name']);
        self::assertNull(SpotRoom::hindrance($bay, 4500, 520));
        self::assertNull(SpotRoom::hindrance($bay, 4500, -3040), 'a corner is known to 50 mm');
        self::assertSame('bar.spot-outside', SpotRoom::hindrance($bay, 4500, -3100)?->code);
    }

    /** @return array{string, list<string>} the thing to do and what bars, the car so far up its bay */
    private static function codes(TaskContext $context, float $x, RuleSet $rules = RuleSet::NOW): array
    {
        $state = new TaskState(new TaskContext($context->card, $context->sheet, $context->kit, $context->bay->seenFrom(new Stance($x)), $context->operations, $context->sensor, $context->order, rules: $rules), []);

        return [$state->present()->kind, array_map(static fn(Bar $bar): string => $bar->code, $state->bars)];
    }
}
