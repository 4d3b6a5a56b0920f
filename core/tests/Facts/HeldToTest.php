<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Facts;

use Lumbro\Core\Facts\TaskStateDocument;
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
        $call = self::height($task);
        self::assertSame(array_keys($heights), array_keys((array) $call['expectedTo']));
        foreach ((array) $call['expectedTo'] as $place => $mm) {
            self::assertEqualsWithDelta($call['expected'] + $heights[$place] - $heights[$task->context()->spot->heightDatum], $mm, 1e-9, (string) $place);
        }
    }

    public function testWhatAMoveIsCheckedByIsToldToWhereTheTapeWasHeld(): void
    {
        $task = (new DemoTask())->prepared()->settled(['height' => 655.0]);
        $move = self::move($task);
        self::assertSame('centre', $move['then']['datum']);
        $height = array_values(array_filter($task->entries, static fn($line): bool => ($line->call ?? null) === 'height'))[0];
        self::assertSame('centre', $height->datum);
        self::assertEqualsWithDelta(self::height($task)['expectedTo']['centre'] ?? 0.0, $move['then']['expected'], 3.0);
    }

    /** @return array<string, mixed> */
    private static function height(DemoTask $task): array
    {
        $calls = TaskStateDocument::write(new Standing($task->state()))['calls'];

        return array_map(static fn(mixed $value): mixed => $value instanceof \stdClass ? (array) $value : $value, array_values(array_filter($calls, static fn(array $call): bool => $call['id'] === 'height'))[0]);
    }

    /** @return array<string, mixed> */
    private static function move(DemoTask $task): array
    {
        return array_values(array_filter(TaskStateDocument::write(new Standing($task->state()))['moves'], static fn(array $move): bool => $move['kind'] === 'height'))[0];
    }
}
