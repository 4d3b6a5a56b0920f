<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Intake;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Decision\RuleSet;
use Lumbro\Core\Failure\AsksFirst;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\Bar;
use Lumbro\Core\Intake\OrderContext;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Record\OrderJournal;
use Lumbro\Core\Tests\Support\DemoOrder;
use Lumbro\Core\Tests\Support\DemoTask;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What people say of one car twice and otherwise, what they leave open, and what no gauge shows (need J42). */
final class ContradictionsTest extends TestCase
{
    public function testACoverThatIsOffAndRefittedBarsUntilOneOfThemIsSaidAgain(): void
    {
        $order = self::captured((new DemoOrder())->done('front-cover-removed')->cover('front', true))
            ->note('condition', ['item' => 'cover', 'sensor' => 'front', 'answer' => 'yes']);
        $found = $order->state()->contradictions;
        self::assertCount(1, $found);
        self::assertSame(['conditions', 'capture', 'front'], [$found[0]->one->part, $found[0]->other->part, $found[0]->sensor]);
        self::assertSame(['cover', 'contradiction'], self::bars($order));
        $order->cover('front', false);
        self::assertSame([], $order->state()->contradictions);
        self::assertSame([], self::bars($order));
    }

    public function testAFloorThatIsKnownNeedsASurveyOrAWitness(): void
    {
        $order = self::captured((new DemoOrder())->done('front-cover-removed')->cover('front', false))->note('condition', ['item' => 'level-floor', 'answer' => 'yes']);
        self::assertSame([], $order->state()->contradictions, 'nobody has chosen a bay');
        self::assertSame(['contradiction.no-survey'], array_map(static fn($found): string => $found->other->says->code, self::inBay($order)->contradictions));
        $scanned = (clone $order)->note('scan', ['phase' => 'pre', 'origin' => 'typed', 'scan' => ['tool' => 'Hand tool 3', 'readAt' => '08:20', 'codes' => []]]);
        self::assertSame('contradiction', self::inBay($scanned)->waitsFor()->kind);
        $order->note('condition', ['item' => 'level-floor', 'answer' => 'on-word', 'word' => 'Wen Harrow']);
        self::assertSame([], self::inBay($order)->contradictions);
        $order->note('condition', ['item' => 'level-floor', 'answer' => 'yes'])->note('floor', ['place' => 'FL', 'typed' => '812']);
        self::assertSame([], self::inBay($order)->contradictions, 'a staff was read');
    }

    public function testACoverThatNobodyTookOffHidesNothingThatWasMissed(): void
    {
        $order = (new DemoOrder())->done('sensor-replaced@front')->cover('front', false);
        self::assertSame([], $order->state()->captures);
        self::assertSame([], self::bars($order));
    }

    public function testAScanThatSawAnotherSupplyStandsAgainstTheCharger(): void
    {
        $scan = static fn(float $voltage): array => ['phase' => 'pre', 'origin' => 'typed', 'scan' => ['tool' => 'Hand tool 3', 'readAt' => '08:20', 'codes' => [], 'voltage' => $voltage]];
        $order = (new DemoOrder())->done('front-cover-removed')->note('condition', ['item' => 'supply', 'answer' => 'yes', 'values' => ['volt' => '13.1']]);
        self::assertCount(1, (clone $order)->note('scan', $scan(11.4))->state()->contradictions);
        self::assertCount(0, (clone $order)->note('scan', $scan(13.0))->state()->contradictions);
    }

    public function testWhatIsOpenBarsTheRunByTheRulesOfNowAlone(): void
    {
        $order = (new DemoOrder())->done('front-cover-removed', 'wheel-alignment');
        self::assertContains('cover', self::bars($order));
        self::assertContains('capture', self::bars($order));
        self::assertSame([], self::bars($order, RuleSet::Second), 'a record that was begun by earlier rules is judged by them');
        $open = (new DemoOrder())->done('wheel-alignment');
        self::assertContains('question', self::bars($open));
        $open->note('owed-answer', ['sensor' => 'front', 'operation' => 'wheel-alignment', 'answer' => 'yes']);
        self::assertNotContains('question', self::bars($open));
    }

    /** @param array<string, mixed> $payload */
    #[DataProvider('asked')]
    public function testValuesAreAskedFor(string $kind, array $payload, ?string $code): void
    {
        $order = (new DemoOrder())->done('front-cover-painted')->cover('front', true);
        $now = (new OrderJournal($order->context(), $order->state()->record->entries))->situation(null);
        $line = Kinds::orderLine($kind, 'n9', 'Ilse', '2026-11-25T08:00:00.000Z', Node::parse((string) json_encode($payload)));
        $asked = null;
        try {
            Kinds::of($line)->settle($now, $line, false);
        } catch (AsksFirst $question) {
            $asked = $question->said->code;
        }
        self::assertSame($code, $asked);
        Kinds::of($line)->settle($now, $line, true);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string|null}> */
    public static function asked(): iterable
    {
        $tyres = static fn(string $front): array => ['item' => 'tyres', 'answer' => 'yes', 'values' => ['front-left' => $front, 'front-right' => '2.3', 'rear-left' => '2.1', 'rear-right' => '2,1']];
        yield 'a tyre of 9.9 bar' => ['condition', $tyres('9.9'), 'condition.out-of-reason'];
        yield 'a tyre of twice the placard' => ['condition', $tyres('4.8'), 'condition.out-of-reason'];
        yield 'a soft tyre' => ['condition', $tyres('1.8'), null];
        yield 'tyres without a figure' => ['condition', ['item' => 'tyres', 'answer' => 'yes'], 'condition.no-values'];
        yield 'tyres on a word' => ['condition', ['item' => 'tyres', 'answer' => 'on-word', 'word' => 'Wen Harrow'], null];
        yield 'a supply of 131 V' => ['condition', ['item' => 'supply', 'answer' => 'yes', 'values' => ['volt' => '131']], 'condition.out-of-reason'];
        yield 'a bracket at 44°' => ['capture', ['sensor' => 'front', 'item' => 'bracket-level', 'value' => '44'], 'condition.out-of-reason'];
        yield 'a bracket at 0.4°' => ['capture', ['sensor' => 'front', 'item' => 'bracket-level', 'value' => '0,4'], null];
        yield 'a film build of 5 mm' => ['capture', ['sensor' => 'front', 'item' => 'film-build', 'value' => '5000'], 'condition.out-of-reason'];
    }

    /** With everything said that a cover would hide. */
    private static function captured(DemoOrder $order): DemoOrder
    {
        foreach ($order->state()->captures as $capture) {
            $order->note('capture', ['sensor' => $capture->sensor->id, 'item' => $capture->item->id, 'reason' => 'not on this car']);
        }

        return $order;
    }

    /** @return list<string> */
    private static function bars(DemoOrder $order, RuleSet $rules = RuleSet::NOW): array
    {
        return array_values(array_unique(array_map(static fn(Bar $bar): string => $bar->code, $order->state()->forTask('front', $rules)->bars ?? [])));
    }

    private static function inBay(DemoOrder $order): OrderState
    {
        $context = $order->context();

        return new OrderState(
            new OrderContext($context->sheet, $context->cards, $context->shop, $context->kit, $context->today, Document::read(Bay::class, DemoTask::node('bays.json')->items()[0])),
            $order->state()->record->entries,
        );
    }
}
