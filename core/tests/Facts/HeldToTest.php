<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Facts;

use Lumbro\Core\Facts\TaskStateDocument;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Tests\Support\Standing;
use PHPUnit\Framework\TestCase;

/** What a tape should read is said for the place that it is held to. */
final class HeldToTest extends TestCase
{
    public function testAHeightIsToldForEveryPlaceOfTheTarget(): void
    {
        $task = new DemoTask();
        $heights = $task->context()->card->target->heights;
        $call = self::written($task)->member('calls')?->items() ?? [];
        $call = array_values(array_filter($call, static fn(Node $one): bool => $one->member('id')?->text() === 'height'))[0];
        $to = $call->member('expectedTo')?->members() ?? [];
        self::assertSame(array_keys($heights), array_keys($to));
        $expected = $call->member('expected')?->between(1, 5_000);
        foreach ($to as $place => $mm) {
            self::assertEqualsWithDelta($expected + $heights[$place] - $heights[$task->context()->spot->heightDatum], $mm->between(-5_000, 5_000), 1e-9, (string) $place);
        }
    }

    public function testWhatAMoveIsCheckedByIsToldToWhereTheTapeWasHeld(): void
    {
        $task = (new DemoTask())->prepared()->settled(['height' => 655.0]);
        $moves = self::written($task)->member('moves')?->items() ?? [];
        $then = array_values(array_filter($moves, static fn(Node $move): bool => $move->member('kind')?->text() === 'height'))[0]->member('then');
        self::assertSame('centre', $then?->member('datum')?->text());
        self::assertEqualsWithDelta($task->context()->card->spot->height, $then->member('expected')?->between(1, 5_000), 6.0);
    }

    private static function written(DemoTask $task): Node
    {
        return Node::parse((string) json_encode(TaskStateDocument::write(new Standing($task->state()))));
    }
}
