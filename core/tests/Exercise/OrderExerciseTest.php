<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Exercise;

use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Exercise\Model;
use Lumbro\Core\Exercise\Order\AsItCame;
use Lumbro\Core\Exercise\Order\OrderAnswer;
use Lumbro\Core\Exercise\Order\OrderCar;
use Lumbro\Core\Exercise\Order\OrderDraw;
use Lumbro\Core\Exercise\Order\OrderRubric;
use Lumbro\Core\Exercise\Order\Place;
use Lumbro\Core\Exercise\Part;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Exercise\Score;
use Lumbro\Core\Facts\OrderBenchDocument;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\OrderContext;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Tests\Support\DemoOrder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Exercises whose trap is in the order: at intake, and when it is closed. */
final class OrderExerciseTest extends TestCase
{
    private const SEEDS = 60;

    /** @var array<string, OrderContext> */
    private static array $contexts = [];

    #[DataProvider('ends')]
    public function testWhoLooksEverywhereAndNotesWhatIsSeenLosesNothing(string $begins): void
    {
        for ($seed = 1; $seed <= self::SEEDS; $seed++) {
            $score = self::careful(self::drawn($begins, $seed));
            self::assertSame([100, 100], [$score->method(), $score->result()], "$begins $seed");
        }
    }

    #[DataProvider('ends')]
    public function testWhoBelievesTheOrderIsCaughtWhereItIsWrong(string $begins): void
    {
        $caught = $traps = 0;
        for ($seed = 1; $seed <= self::SEEDS; $seed++) {
            $car = self::drawn($begins, $seed);
            $order = self::order($car, []);
            $answer = new OrderAnswer(self::owed($order->noted()->owed), $order->closing()->open() === [], []);
            $score = OrderRubric::score($order, $begins === 'intake', $begins === 'intake' ? $answer : new OrderAnswer([], true), []);
            $isTrap = $begins === 'intake' ? array_diff(self::owed($order->true()->owed), self::owed($order->noted()->owed)) !== [] : $order->open() !== [];
            $traps += $isTrap ? 1 : 0;
            $caught += $isTrap && $score->result() === 0 ? 1 : 0;
            if (! $isTrap && $begins === 'close') {
                self::assertSame(100, $score->result(), "$begins $seed: nothing keeps it open");
            }
            self::assertLessThan(100, $score->method(), "$begins $seed");
        }
        self::assertSame($traps, $caught);
        self::assertGreaterThan(self::SEEDS / 4, $traps);
        self::assertLessThan(self::SEEDS, $traps);
    }

    #[DataProvider('ends')]
    public function testNothingIsToldBeforeSomebodyLooks(string $begins): void
    {
        for ($seed = 1; $seed <= self::SEEDS; $seed++) {
            $car = self::drawn($begins, $seed);
            $sound = Document::read(PracticeCar::class, Node::parse((string) json_encode([...Document::write($car), 'order' => $begins === 'intake'
                // What the rules ask of the work on the order is for the learner to see at intake, and stands in it at the closing.
                ? ['off' => ['front', 'rear']]
                : ['answers' => (object) ($car->order->answers ?? [])]])));
            foreach ([false, true] as $isGuided) {
                self::assertEquals(
                    OrderBenchDocument::write(self::order($sound, []), $sound, [], $isGuided),
                    OrderBenchDocument::write(self::order($car, []), $car, [], $isGuided),
                    "$begins $seed",
                );
            }
        }
    }

    public function testWhatIsBehindACoverIsOutOfReachOnceItIsOn(): void
    {
        $car = self::car('intake', ['front-cover-removed'], ['off' => ['front', 'rear'], 'answers' => ['front-cover-removed' => 'yes']]);
        $open = self::order($car, []);
        self::assertNotSame([], $open->captures());
        self::assertFalse($open->isCovered(Place::BehindFront));
        $answered = ['owed-answer', ['sensor' => 'front', 'operation' => 'front-cover-removed', 'answer' => 'yes']];
        $closed = self::order($car, [['cover', ['cover' => 'front', 'off' => false]], $answered]);
        self::assertTrue($closed->isCovered(Place::BehindFront));
        self::assertStringNotContainsString('"kind":"capture"', (string) json_encode(OrderBenchDocument::write($closed, $car, Place::cases(), true)));
        self::assertStringContainsString('"kind":"capture"', (string) json_encode(OrderBenchDocument::write($open, $car, Place::cases(), true)));
        $score = OrderRubric::score($closed, true, new OrderAnswer(['front']), [Place::Around]);
        self::assertSame(60, $score->result());
        self::assertSame('order-reach', $score->result[1]->id);
        self::assertSame(0.0, $score->result[1]->points);
    }

    public function testARepaintThatNobodyWroteDownOwesAtTheRear(): void
    {
        $car = self::car('intake', ['battery-disconnected'], ['unsaid' => ['rear-cover-painted']]);
        $order = self::order($car, []);
        self::assertSame([], self::owed($order->noted()->owed));
        self::assertSame(['rear-left', 'rear-right'], self::owed($order->true()->owed));
        self::assertSame([Place::RearPaint], $order->telling());
        self::assertSame(0, OrderRubric::score($order, true, new OrderAnswer([]), [])->result());
        // Owed too many is the smaller mistake.
        self::assertSame(80, OrderRubric::score($order, true, new OrderAnswer(['front', 'rear-left', 'rear-right']), [])->result());
    }

    public function testAnOrderKeptOpenForNothingIsTheSmallerMistake(): void
    {
        $car = self::car('close', ['rear-cover-removed'], []);
        $order = self::order($car, []);
        self::assertSame([], $order->open());
        self::assertSame(['rear-left', 'rear-right'], $order->sealed());
        self::assertSame(100, OrderRubric::score($order, false, new OrderAnswer([], true), [])->result());
        self::assertSame(50, OrderRubric::score($order, false, new OrderAnswer([], false, ['cover rear']), [])->result());
        $left = self::order(self::car('close', ['rear-cover-removed'], ['unsealed' => ['rear-right'], 'off' => ['rear'], 'codes' => [['unit' => 'Front radar', 'code' => 'C2B14']]]), []);
        self::assertSame(['sensor rear-right', 'cover rear', 'codes'], $left->open());
        $other = self::order(self::car('close', ['rear-cover-removed'], ['codes' => [['unit' => 'Engine', 'code' => 'P1F70']]]), []);
        self::assertSame([], $other->open(), 'A code of another trade keeps nothing open.');
    }

    public function testTheMostThatIsStatedIsTheMostThatIsGiven(): void
    {
        foreach (OrderRubric::MOST as $begins => $most) {
            $car = self::drawn($begins, 5);
            $score = OrderRubric::score(self::order($car, []), $begins === 'intake', new OrderAnswer(), []);
            self::assertSame($most, ['method' => self::most($score->method), 'result' => self::most($score->result)], $begins);
            self::assertSame([100, 100], [array_sum($most['method']), array_sum($most['result'])]);
        }
    }

    public function testACarOfTheBenchHasNoOrderOfItsOwn(): void
    {
        $car = Document::write(self::car('intake', ['battery-disconnected'], []));
        $this->expectExceptionObject(InvalidInput::because('/order', 'practice.order-out-of-place'));
        Document::read(PracticeCar::class, Node::parse((string) json_encode([...$car, 'begins' => 'run'])));
    }

    public function testACarThatBeginsWithItsOrderNeedsOne(): void
    {
        $car = Document::write(self::car('intake', ['battery-disconnected'], []));
        unset($car['order']);
        $this->expectExceptionObject(InvalidInput::because('/order', 'practice.order-missing'));
        Document::read(PracticeCar::class, Node::parse((string) json_encode($car)));
    }

    /** @return iterable<string, array{string}> */
    public static function ends(): iterable
    {
        yield 'intake' => ['intake'];
        yield 'closing' => ['close'];
    }

    /** Looks everywhere, notes everything, and answers what the order then says. */
    private static function careful(PracticeCar $car): Score
    {
        $lines = [];
        // What is noted leads to further things to be seen.
        for ($round = 0; $round < 3; $round++) {
            foreach (self::order($car, $lines)->places() as $place) {
                $order = self::order($car, $lines);
                foreach ($order->isCovered($place) ? [] : $order->find($place) as $find) {
                    if ($find->kind !== null && ! $find->isNoted) {
                        $lines[] = [$find->kind, $find->payload];
                    }
                }
            }
        }
        $order = self::order($car, $lines);
        $open = array_values(array_unique(array_filter(array_map(OrderCar::thing(...), $order->closing()->open()))));

        return OrderRubric::score($order, $car->begins === 'intake', new OrderAnswer(self::owed($order->noted()->owed), $open === [], $open), $order->places());
    }

    /**
     * @param array<string, \Lumbro\Core\Intake\Owed> $owed
     *
     * @return list<string>
     */
    private static function owed(array $owed): array
    {
        return array_keys(array_filter($owed, static fn($one): bool => $one->state !== OwedState::NotOwed));
    }

    /** @param list<array{string, array<string, mixed>}> $noted */
    private static function order(PracticeCar $car, array $noted): OrderCar
    {
        $context = self::$contexts[$car->vehicle] ??= (new DemoOrder($car->vehicle))->context();
        $line = static fn(string $kind, array $payload): OrderLine => Kinds::orderLine($kind, 'n', 'Ilse', '2026-11-25T08:00:00.000Z', Node::parse((string) json_encode((object) $payload)));

        return new OrderCar($context, $car, [...AsItCame::lines($context, $car, $line), ...array_map(static fn(array $one): OrderLine => $line(...$one), $noted)]);
    }

    private static function drawn(string $begins, int $seed): PracticeCar
    {
        [$vehicle, $card, $sensor] = [['quillon-sable', 'quillon-sable-front', 'front'], ['quillon-sable', 'quillon-sable-rear', 'rear-left'], ['tessara-halyard', 'tessara-halyard-rear', 'rear-right'], ['marrow-field', 'marrow-field-blind-spot', 'blind-left']][$seed % 4];

        return OrderDraw::of(new Model($vehicle, $card, $sensor, 'Bay 1', DemoOrder::card($card)), $begins, $seed, 1 + $seed % 3);
    }

    /**
     * @param list<string>         $operations
     * @param array<string, mixed> $order
     */
    private static function car(string $begins, array $operations, array $order): PracticeCar
    {
        $drawn = Document::write(OrderDraw::of(new Model('quillon-sable', 'quillon-sable-front', 'front', 'Bay 1', DemoOrder::card('quillon-sable-front')), $begins, 7, 1));

        return Document::read(PracticeCar::class, Node::parse((string) json_encode([...$drawn, 'operations' => $operations, 'order' => (object) $order])));
    }

    /**
     * @param list<Part> $parts
     *
     * @return array<string, int> part → the most it gives
     */
    private static function most(array $parts): array
    {
        $most = [];
        foreach ($parts as $part) {
            $most[$part->id] = (int) $part->most;
        }

        return $most;
    }
}
