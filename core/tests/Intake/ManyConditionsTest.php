<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Intake;

use Lumbro\Core\Commands\AnswerConditions;
use Lumbro\Core\Commands\Stamp;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\ConditionAnswered;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Record\OrderJournal;
use Lumbro\Core\Tests\Support\DemoOrder;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\TestCase;

/** One look at the car may answer several preconditions; what has a figure is answered by itself. */
final class ManyConditionsTest extends TestCase
{
    public function testOneLookIsALineForEachOfThem(): void
    {
        $lines = self::answer([['item' => 'load'], ['item' => 'doors'], ['item' => 'sensor-clean', 'sensor' => 'front']]);
        self::assertSame([['first', 'load', null], ['next-1', 'doors', null], ['next-2', 'sensor-clean', 'front']], array_map(static fn(Line $line): array => $line instanceof ConditionAnswered ? [$line->id, $line->item, $line->sensor] : [], $lines));
    }

    public function testWhatHasValuesOrIsNotAskedIsRefused(): void
    {
        self::assertStringContainsString('answered by itself', Told::refusal(InvalidInput::class, static fn(): array => self::answer([['item' => 'load'], ['item' => 'tyres']])));
        Told::refusal(InvalidInput::class, static fn(): array => self::answer([['item' => 'weather']]));
        Told::refusal(InvalidInput::class, static fn(): array => self::answer([['item' => 'sensor-clean', 'sensor' => 'roof']]));
        Told::refusal(InvalidInput::class, static fn(): array => self::answer([]));
    }

    /**
     * @param list<array<string, string>> $items
     *
     * @return list<Line>
     */
    private static function answer(array $items): array
    {
        $order = (new DemoOrder())->done('front-cover-removed');
        $count = 0;
        $stamp = new Stamp('first', 'Ilse', '2026-11-28T08:00:00.000Z', static function () use (&$count): string {
            return 'next-' . ++$count;
        });

        return (new AnswerConditions())->decide((new OrderJournal($order->context(), $order->state()->record->entries))->situation(null), Node::parse((string) json_encode(['items' => $items])), $stamp, false);
    }
}
