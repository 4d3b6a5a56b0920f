<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Intake;

use Lumbro\Core\Commands\Command;
use Lumbro\Core\Commands\Situation;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\NotAllowed;
use Lumbro\Core\Intake\Closing;
use Lumbro\Core\Intake\OpenItem;
use Lumbro\Core\Intake\RoadFunction;
use Lumbro\Core\Journal\LeftOpen;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\OrderClosed;
use Lumbro\Core\Tests\Support\DemoOrder;
use Lumbro\Core\Tests\Support\Told;
use Lumbro\Core\Work\OrderBoard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What keeps an order open, and what closes it (needs J32 to J36). */
final class ClosingTest extends TestCase
{
    /** @return list<string> */
    private static function open(DemoOrder $order, string ...$sealed): array
    {
        return array_map(static fn(OpenItem $item): string => $item->id, $order->state()->closing(array_values($sealed))->open());
    }

    public function testAnOwedSensorKeepsItOpenUntilItIsSealed(): void
    {
        self::assertSame(['operations', 'close'], self::open(new DemoOrder()));
        $order = (new DemoOrder())->done('front-cover-removed')->cover('front', false);
        self::assertContains('sensor front', self::open($order));
        self::assertNotContains('sensor front', self::open($order, 'front'));
        self::assertNotContains('sensor rear-left', self::open($order), 'not owed');
    }

    public function testCoverScanAndRoadKeepItOpenOneByOne(): void
    {
        $order = (new DemoOrder())->done('front-cover-removed')->cover('front', true);
        self::assertSame(['cover front', 'road sees-ahead', 'road keeps-gap', 'road slows', 'post-scan', 'others', 'close'], self::open($order, 'front'));
        $order->cover('front', false);
        $order->note('road', ['function' => 'sees-ahead', 'found' => 'seen', 'driver' => 'Oda']);
        self::assertContains('road trip', self::open($order, 'front'), 'a road test without route and weather is none');
        $order->note('road', ['function' => 'sees-ahead', 'found' => 'seen', 'driver' => 'Oda', 'route' => 'river bridge', 'weather' => 'dry']);
        $order->note('other-sensor', ['state' => 'none']);
        $order->note('road', ['function' => 'keeps-gap', 'found' => 'untested', 'driver' => 'Oda', 'reason' => 'Nothing drove ahead.']);
        self::assertSame(['road slows', 'post-scan', 'close'], self::open($order, 'front'));
        $order->note('road', ['function' => 'slows', 'found' => 'not-seen', 'driver' => 'Oda', 'reason' => 'It came too close.']);
        self::assertSame(['road slows', 'post-scan', 'close'], self::open($order, 'front'), 'what failed is not settled by saying so');
        self::assertSame('close', $order->state()->closing(['front'])->waitsFor()->kind === 'task' ? 'task' : 'close');
        $order->note('road', ['function' => 'slows', 'found' => 'seen', 'driver' => 'Oda', 'route' => 'river bridge', 'weather' => 'dry']);
        $scan = static fn(string ...$codes): array => ['phase' => 'post', 'origin' => 'tool', 'scan' => ['tool' => 'x', 'readAt' => 'now', 'codes' => array_map(static fn(string $code): array => ['unit' => 'Gateway', 'code' => $code], $codes)]];
        $order->note('scan', $scan('U3001'));
        self::assertSame(['code Gateway U3001', 'close'], self::open($order, 'front'));
        $order->note('scan', $scan());
        self::assertSame(['close'], self::open($order, 'front'), 'nothing closes itself');
        self::assertSame('close', $order->state()->closing(['front'])->waitsFor()->kind);
        self::assertSame([], array_map(static fn(OpenItem $item): string => $item->id, $order->state()->closing(['front'], byItself: true)->open()), 'but what closed by itself before');
        $order->note('closed', []);
        self::assertSame([], self::open($order, 'front'));
        self::assertSame('closed', $order->state()->closing(['front'])->waitsFor()->kind);
        self::assertSame('1 untested', Told::words(array_column(OrderBoard::of($order->state()), 'note', 'id')['road']));
    }

    public function testALeadHandsOverWhatIsOpenButNoSensor(): void
    {
        $order = (new DemoOrder())->done('front-cover-removed')->cover('front', false);
        $leave = static fn(string $item): LeftOpen => new LeftOpen('x', 'Oda', 'now', $item, 'The customer was told in writing.');
        $settle = static fn(string $item): Line => Command::settle(new Situation($order->state(...)), $leave($item), false);
        self::assertInstanceOf(LeftOpen::class, $settle('post-scan'));
        foreach (['sensor front' => 'own record is sealed', 'cover front' => 'does not keep', 'nonsense' => 'does not keep'] as $item => $said) {
            self::assertStringContainsString($said, Told::refusal(InvalidInput::class, static fn(): Line => $settle($item)));
        }
        $order->note('left-open', ['item' => 'post-scan', 'reason' => 'The customer was told in writing.'], 'Oda');
        $closing = $order->state()->closing(['front']);
        self::assertNotContains('post-scan', array_map(static fn(OpenItem $item): string => $item->id, $closing->open()));
        self::assertSame(['post-scan'], array_map(static fn(OpenItem $item): string => $item->id, $closing->left()));
    }

    public function testADriveThatWasNotEnoughKeepsItOpen(): void
    {
        $order = (new DemoOrder('tessara-halyard'))->done('front-cover-removed');
        $asked = array_filter(self::open($order), static fn(string $id): bool => str_starts_with($id, 'drive '));
        self::assertNotSame([], $asked, 'the demo has a card that asks for a drive');
        $drive = ['track' => '018f0000-0000-7000-8000-000000000000', 'driver' => 'Ilse', 'file' => 'evening.gpx'];
        $order->note('drive', $drive);
        self::assertSame($asked, array_filter(self::open($order), static fn(string $id): bool => str_starts_with($id, 'drive ')));
        $order->note('drive', [...$drive, 'enough' => array_map(static fn(string $id): string => substr($id, 6), array_values($asked))]);
        self::assertSame([], array_filter(self::open($order), static fn(string $id): bool => str_starts_with($id, 'drive ')));
    }

    public function testAPracticeCarIsNotDriven(): void
    {
        $order = (new DemoOrder())->done('front-cover-removed')->cover('front', true);
        self::assertSame([], $order->state()->closing(['front'], true)->open());
    }

    public function testAnOrderThatOwesNothingIsLookedAtByName(): void
    {
        $order = (new DemoOrder('tessara-brink'))->done('rear-cover-removed');
        self::assertSame([], $order->state()->concerned(), 'this car has a front radar alone');
        self::assertSame(['nothing-owed', 'others', 'close'], self::open($order));
        self::assertSame(['others', 'close'], self::open($order, 'front'));
    }

    public function testFunctionsAreAskedByTheSideOfTheCar(): void
    {
        $order = (new DemoOrder())->done('rear-cover-removed');
        self::assertSame(
            ['Warns of a car alongside on the left', 'Warns of a car alongside on the right'],
            array_map(static fn(RoadFunction $function): string => Told::words($function->question), $order->state()->roadFunctions()),
        );
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function poorAnswers(): iterable
    {
        yield 'untested without a reason' => [['function' => 'slows', 'found' => 'untested', 'driver' => 'Oda'], 'why it could not be tried'];
        yield 'not seen without a word' => [['function' => 'slows', 'found' => 'not-seen', 'driver' => 'Oda', 'reason' => 'no'], 'what happened instead'];
        yield 'no driver' => [['function' => 'slows', 'found' => 'seen'], 'driver'];
        yield 'an unknown answer' => [['function' => 'slows', 'found' => 'perhaps', 'driver' => 'Oda'], 'seen, not-seen, untested'];
    }

    /** @param array<string, string> $payload */
    #[DataProvider('poorAnswers')]
    public function testAPoorAnswerIsRefusedByItsField(array $payload, string $said): void
    {
        self::assertStringContainsString($said, Told::refusal(InvalidInput::class, static fn(): DemoOrder => (new DemoOrder())->note('road', $payload)));
    }

    public function testSensorsThatTheOrderDoesNotCoverAreNamedOrSaidNotToBe(): void
    {
        $order = (new DemoOrder())->done('front-cover-removed');
        $order->note('other-sensor', ['state' => 'none'])->note('other-sensor', ['state' => 'owed-elsewhere', 'name' => 'Front camera', 'why' => 'The windscreen was replaced.']);
        self::assertSame(['Front camera'], array_values(array_map(static fn($noted): ?string => $noted->name, $order->state()->record->others)), 'who names one takes back that there is none');
        $order->note('other-sensor', ['state' => 'withdrawn', 'name' => 'front camera']);
        self::assertContains('others', self::open($order));
        foreach ([['state' => 'not-owed', 'name' => 'Front camera'], ['state' => 'owed-elsewhere', 'why' => 'It was off.'], ['state' => 'none', 'name' => 'Front camera']] as $half) {
            Told::refusal(InvalidInput::class, static fn(): DemoOrder => $order->note('other-sensor', $half));
        }
    }

    public function testAnOrderIsClosedOnlyWhereNothingIsOpen(): void
    {
        $order = (new DemoOrder())->done('front-cover-removed')->cover('front', false);
        $close = static fn(DemoOrder $order, string ...$sealed): Line => Command::settle(new Situation($order->state(...), closing: static fn(): Closing => $order->state()->closing(array_values($sealed))), new OrderClosed('x', 'Oda', 'now'), false);
        self::assertStringContainsString('keep the order open', Told::refusal(NotAllowed::class, static fn(): Line => $close($order)));
        $order = (new DemoOrder())->done('rear-cover-removed')->note('other-sensor', ['state' => 'none'])->cover('rear', false);
        foreach ($order->state()->closing(['rear-left', 'rear-right'])->open() as $item) {
            $order->note('left-open', ['item' => $item->id, 'reason' => 'The customer was told in writing.'], 'Oda');
        }
        self::assertInstanceOf(OrderClosed::class, $close($order, 'rear-left', 'rear-right'));
    }
}
