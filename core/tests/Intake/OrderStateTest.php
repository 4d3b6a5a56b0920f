<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Intake;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Catalogue\ShopRules\TroubleCode;
use Lumbro\Core\Commands\Command;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Commands\Situation;
use Lumbro\Core\Facts\OrderStateDocument;
use Lumbro\Core\Failure\AsksFirst;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\UnreadableReading;
use Lumbro\Core\Intake\Capture;
use Lumbro\Core\Intake\CaptureState;
use Lumbro\Core\Intake\ScanComparison;
use Lumbro\Core\Journal\CoverNoted;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\TypedNumber;
use Lumbro\Core\Tests\Support\DemoOrder;
use Lumbro\Core\Tests\Support\Told;
use Lumbro\Core\Work\OrderBoard;
use PHPUnit\Framework\TestCase;

/** A repair order from its first line to the point where its sensors can be set up. */
final class OrderStateTest extends TestCase
{
    use TestTrait;

    public function testItWaitsForOneThingAfterAnother(): void
    {
        $order = new DemoOrder();
        $waits = static fn(): string => $order->state()->waitsFor()->kind;
        self::assertSame('operations', $waits());
        $order->done('rear-cover-removed', 'knock-front');
        self::assertSame('cover', $waits());
        $order->cover('rear', true);
        self::assertSame('capture', $waits());
        $this->captureAll($order);
        self::assertSame('question', $waits());
        $order->note('owed-answer', ['sensor' => 'front', 'operation' => 'knock-front', 'answer' => 'no']);
        self::assertSame('scan', $waits());
        $order->note('scan', ['phase' => 'pre', 'origin' => 'tool', 'scan' => ['tool' => 'x', 'readAt' => 'now', 'codes' => [['unit' => 'Gateway', 'code' => 'U3001']]]]);
        self::assertSame('code', $waits());
        $order->note('scan', ['phase' => 'pre', 'origin' => 'tool', 'scan' => ['tool' => 'x', 'readAt' => 'now', 'codes' => []]]);
        self::assertSame('condition', $waits());
        foreach ($order->state()->conditions as $condition) {
            $order->note('condition', ['item' => $condition->condition->id, 'answer' => 'yes', ...($condition->sensor === null ? [] : ['sensor' => $condition->sensor])]);
        }
        self::assertSame('contradiction', $waits(), 'the cover is off, and somebody said that it is refitted');
        $order->cover('rear', false);
        self::assertSame('task', $waits());
        foreach (OrderBoard::of($order->state()) as ['id' => $id, 'state' => $state]) {
            self::assertSame(match ($id) {
                'car', 'bay', 'photos', 'post-scan', 'road' => 'hollow',
                'drive' => 'struck',
                default => 'full',
            }, $state, $id);
        }
    }

    public function testThePostScanIsHeldAgainstThePreScanUnitByUnit(): void
    {
        $scan = static fn(string ...$codes): array => ['tool' => 'x', 'readAt' => 'now', 'codes' => array_map(static fn(string $code): array => ['unit' => explode(' ', $code)[0], 'code' => explode(' ', $code)[1], 'status' => 'stored'], array_values($codes))];
        $order = (new DemoOrder())->done('front-cover-removed')->note('scan', ['phase' => 'pre', 'origin' => 'tool', 'scan' => $scan('Radar C2A52', 'Engine P0442', 'Gateway U3001')]);
        self::assertSame('not scanned', Told::words(array_column(OrderBoard::of($order->state()), 'note', 'id')['post-scan']));
        $order->note('scan', ['phase' => 'post', 'origin' => 'tool', 'scan' => $scan('ENGINE p0442', 'Radar C2A60', 'Camera C2A52')]);
        $found = ScanComparison::of($order->state()->record);
        self::assertNotNull($found);
        $words = static fn(array $codes): array => array_map(static fn(mixed $code): string => $code instanceof TroubleCode ? "$code->unit $code->code" : '', $codes);
        self::assertSame([['Radar C2A52', 'Gateway U3001'], ['ENGINE p0442'], ['Radar C2A60', 'Camera C2A52']], [$words($found->cleared), $words($found->remain), $words($found->came)]);
        self::assertSame('3 codes left', Told::words(array_column(OrderBoard::of($order->state()), 'note', 'id')['post-scan']));
        $order->note('scan', ['phase' => 'post', 'origin' => 'tool', 'scan' => $scan()]);
        self::assertSame('no code left', Told::words(array_column(OrderBoard::of($order->state()), 'note', 'id')['post-scan']));
    }

    public function testNothingOwedWaitsForNothingAndAsksNothing(): void
    {
        $state = (new DemoOrder())->done('windscreen-replaced')->state();
        self::assertSame('nothing', $state->waitsFor()->kind);
        self::assertSame([], [...$state->conditions, ...$state->captures, ...$state->needs]);
    }

    public function testACoverStillToComeOffRaisesNoAlarmAndOneThatWentBackLeavesWhatWasMissed(): void
    {
        $states = static fn(DemoOrder $order): array => array_values(array_unique(array_map(static fn(Capture $capture): string => $capture->state->value, $order->state()->captures)));
        $due = (new DemoOrder())->note('operation', ['operation' => 'rear-cover-removed', 'state' => 'due']);
        self::assertSame(['later'], $states($due));
        self::assertSame([], $due->state()->alarms());
        // Nobody said where the cover is although it was taken off: an alarm too many is better than one too few.
        self::assertSame(['now'], $states((new DemoOrder())->done('rear-cover-removed')));
        self::assertSame(['missed'], $states((new DemoOrder())->done('rear-cover-removed')->cover('rear', false)));
        $back = (new DemoOrder())->done('rear-cover-removed')->cover('rear', true)->note('capture', ['sensor' => 'rear-left', 'item' => 'serial', 'reason' => 'torn'])->cover('rear', false);
        self::assertEqualsCanonicalizing(['missed', 'cannot-be-had'], $states($back));
    }

    public function testOnlyWhatTheOperationsCallForIsAsked(): void
    {
        $items = static fn(DemoOrder $order): array => array_values(array_unique(array_map(static fn(Capture $capture): string => $capture->item->id, $order->state()->captures)));
        self::assertNotContains('film-build', $items((new DemoOrder())->done('rear-cover-replaced')));
        self::assertContains('film-build', $items((new DemoOrder())->done('rear-cover-painted')));
        self::assertContains('crossbeam', $items((new DemoOrder('tessara-halyard'))->done('front-cover-removed')));
        // Painting the rear asks nothing of the front.
        $front = array_filter((new DemoOrder())->done('front-cover-removed', 'rear-cover-painted')->state()->captures, static fn(Capture $capture): bool => $capture->sensor->id === 'front' && $capture->item->id === 'film-build');
        self::assertSame([], $front);
    }

    public function testAThickFilmAndATiltedBracketAreSaid(): void
    {
        $warning = static function (string $item, string $value): ?string {
            $order = (new DemoOrder())->done('rear-cover-painted')->cover('rear', true)->note('capture', ['sensor' => 'rear-left', 'item' => $item, 'value' => $value]);
            foreach ($order->state()->captures as $capture) {
                if ($capture->sensor->id === 'rear-left' && $capture->item->id === $item) {
                    return $capture->warning === null ? null : Told::words($capture->warning);
                }
            }

            return 'not asked';
        };
        self::assertNull($warning('film-build', '150'));
        self::assertSame('151 µm is more than the 150 µm allowed here.', $warning('film-build', '151'));
        self::assertSame('-0,6 ° is more than the 0.5 ° allowed here.', $warning('bracket-level', '-0,6'));
    }

    public function testACoverGoingBackIsAskedAboutAndRecordsWhatWasMissedWhateverTheClientSays(): void
    {
        $order = (new DemoOrder())->done('rear-cover-removed')->cover('rear', true);
        $now = new Situation($order->state(...));
        $entry = Kinds::orderLine('cover', 'x', 'Bram', 'now', Node::parse('{"cover":"rear","off":false,"missed":[]}'));
        self::assertStringContainsString('12 things not captured', Told::refusal(AsksFirst::class, static fn(): Line => Command::settle($now, $entry, false)));
        $recorded = Command::settle($now, $entry, true);
        self::assertInstanceOf(CoverNoted::class, $recorded);
        self::assertCount(12, $recorded->missed);
        $this->captureAll($order);
        self::assertInstanceOf(CoverNoted::class, Command::settle($now, $entry, false));
    }

    public function testTheTaskSeesWhatTheOrderKnows(): void
    {
        $order = (new DemoOrder())->done('front-cover-removed')
            ->note('condition', ['item' => 'tyres', 'answer' => 'yes', 'values' => ['rear-left' => '1.5']])
            ->note('condition', ['item' => 'cover', 'answer' => 'yes', 'sensor' => 'front'])
            ->note('condition', ['item' => 'load', 'answer' => 'on-word', 'word' => 'Bram']);
        $front = $order->state()->forTask('front');
        self::assertNotNull($front);
        self::assertSame(['no', 'yes', 'on-word'], [$front->answers['tyres']->answer->value, $front->answers['cover']->answer->value, $front->answers['load']->answer->value]);
        $rear = $order->state()->forTask('rear-left');
        self::assertNotNull($rear);
        self::assertArrayNotHasKey('cover', $rear->answers);
        self::assertNull($order->state()->forTask('roof'));
    }

    public function testASoftRearTyreAndALoadPointTheNoseUpAndASoftFrontTyreDown(): void
    {
        // 6 mm lower behind over 2,905 mm.
        self::assertSame('About 0.12° nose-up at this wheelbase of 2,905 mm.', self::effect(['item' => 'load', 'answer' => 'no']));
        self::assertNull(self::effect(['item' => 'load', 'answer' => 'yes']));
        // One tyre of two 0.5 bar low: half of 6 mm.
        self::assertSame('About 0.06° nose-up at this wheelbase of 2,905 mm.', self::effect(['item' => 'tyres', 'answer' => 'yes', 'values' => ['rear-left' => '1.6', 'rear-right' => '2.1', 'front-left' => '2.3', 'front-right' => '2.3']]));
        self::assertSame('About 0.16° nose-down at this wheelbase of 2,905 mm.', self::effect(['item' => 'ride-height', 'answer' => 'no', 'values' => ['front' => '374', 'rear' => '388']]));
    }

    public function testAChangedOperationSaysWhatChangedAndWhy(): void
    {
        $order = (new DemoOrder())->done('rear-trim-removed')->note('operation', ['operation' => 'wheel-alignment', 'state' => 'due'])->note('operation', ['operation' => 'wheel-alignment', 'state' => 'withdrawn']);
        $written = OrderStateDocument::write($order);
        self::assertIsArray($written['changes']);
        self::assertSame(['wheel alignment: withdrawn', 'wheel alignment: due', 'trim near a rear sensor off and on: done'], Told::all(array_column($written['changes'], 'what')));
        self::assertSame(['unknown', 'not owed', 'not owed', 'unknown'], [
            $order->state()->changes[1]->sensors[0]['after']->state->value,
            str_replace('-', ' ', $order->state()->changes[1]->sensors[0]['before']->state->value),
            str_replace('-', ' ', $order->state()->changes[2]->sensors[0]['after']->state->value),
            $order->state()->changes[2]->sensors[0]['before']->state->value,
        ]);
    }

    public function testALineReadsBackAsItWasWritten(): void
    {
        foreach (DemoOrder::everyKind() as $entry) {
            self::assertContains($entry->kind(), Kinds::names(Kinds::ORDER));
            self::assertEquals($entry, Kinds::orderLine($entry->kind(), $entry->id, $entry->person, $entry->at, Node::parse((string) json_encode((object) $entry->payload()))));
        }
    }

    public function testTheOrderOfUnrelatedLinesDoesNotMatter(): void
    {
        $entries = (new DemoOrder())->done('rear-cover-painted', 'front-cover-removed', 'suspension-work')->cover('rear', true)->cover('front', false)
            ->note('capture', ['sensor' => 'rear-left', 'item' => 'serial', 'value' => '1'])->note('condition', ['item' => 'load', 'answer' => 'no'])
            ->note('figure', ['figure' => 'wheelbase', 'typed' => '2907', 's' => 1.5])->entries;
        $known = $this->summary($entries);
        $this->limitTo(20)->forAll(Generators::choose(0, 1 << 30))->disableShrinking()->then(function (int $seed) use ($entries, $known): void {
            mt_srand($seed);
            shuffle($entries);
            self::assertEquals($known, $this->summary($entries));
        });
    }

    public function testNumbersAreReadWithEitherMark(): void
    {
        self::assertSame([2.3, 2.3, -0.5], [TypedNumber::read(' 2.3 '), TypedNumber::read('2,3'), TypedNumber::read('-0.5')]);
        foreach (['', 'x', '1.2.3', '1e5', '99999999'] as $bad) {
            self::assertStringContainsString('not a number', Told::refusal(UnreadableReading::class, static fn(): float => TypedNumber::read($bad)));
        }
    }

    public function testAFigureTheCarDoesNotHaveIsRefused(): void
    {
        $this->expectException(InvalidInput::class);
        DemoOrder::sheet('quillon-sable')->measured('roof.along', 1, 1);
    }

    /** @param array<string, mixed> $payload of an answered condition */
    private static function effect(array $payload): ?string
    {
        $state = (new DemoOrder())->done('front-cover-removed')->note('condition', $payload)->state();
        foreach ($state->conditions as $condition) {
            if ($condition->condition->id === $payload['item']) {
                return $condition->effect === null ? null : Told::words($condition->effect);
            }
        }

        return 'not asked';
    }

    /**
     * @param list<OrderLine> $entries
     *
     * @return array<string, mixed>
     */
    private function summary(array $entries): array
    {
        $order = new DemoOrder();
        $order->entries = $entries;
        $written = OrderStateDocument::write($order);
        $reasons = [];
        foreach ($order->state()->owed as $id => $owed) {
            $reasons[$id] = [$owed->state, $owed->route, count($owed->reasons)];
        }

        return ['owed' => $reasons, ...array_intersect_key($written, array_flip(['captures', 'conditions', 'needs', 'geometry', 'covers']))];
    }

    private function captureAll(DemoOrder $order): void
    {
        foreach ($order->state()->alarms() as $capture) {
            $order->note('capture', ['sensor' => $capture->sensor->id, 'item' => $capture->item->id, 'value' => $capture->item->kind === 'yes' ? 'yes' : '0.1']);
        }
        self::assertSame([], array_filter($order->state()->captures, static fn(Capture $capture): bool => $capture->state !== CaptureState::Had));
    }
}
