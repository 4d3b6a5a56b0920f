<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Catalogue;

use Lumbro\Core\Catalogue\Kit\KitRegister;
use Lumbro\Core\Catalogue\Kit\OverdueRule;
use Lumbro\Core\Tests\Support\DemoOrder;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\TestCase;

final class KitRegisterTest extends TestCase
{
    private const WIDENS = [false, 2.0];

    public function testATapeInDateIsTakenBeforeAnOverdueOneAndAnOverdueOneIsWidened(): void
    {
        $kit = DemoOrder::kit();
        $rule = new OverdueRule(...self::WIDENS);
        self::assertSame('tape-1', $kit->forTask('2026-11-25', $rule)?->tape->id);
        // A year on both are overdue: the first of them counts double.
        $late = $kit->forTask('2027-11-25', $rule)?->tape;
        self::assertNotNull($late);
        self::assertSame(['tape-1', 2.0, 0.0006, 1.0], [$late->id, $late->accuracy, $late->sScale, $late->resolution]);
        self::assertSame(1.0, $kit->forTask('2027-11-25', new OverdueRule(true, 1.0))?->tape->accuracy);
        self::assertNull((KitRegister::of([...$kit->stands, ...$kit->targets]))->forTask('2026-11-25', $rule));
    }

    public function testWhatIsOwnedStandsInIsOverdueOrMissingIsSaid(): void
    {
        $kit = DemoOrder::kit();
        $need = static fn(string $kind, ?string $name, bool $bars = false): array => (static fn($need): array => [$need->state, $need->item, $need->bars])($kit->need($kind, $name, ['Front radar'], '', '2026-11-25', new OverdueRule($bars, 2.0)));
        self::assertSame(['owned', 'Corner reflector', false], $need('target', 'corner REFLECTOR'));
        self::assertSame(['missing', null, true], $need('target', 'Powered target, 24.15 GHz'));
        self::assertSame(['overdue', 'Inclinometer, 60 mm base', false], $need('inclinometer', null));
        self::assertSame(['overdue', 'Inclinometer, 60 mm base', true], $need('inclinometer', null, true));
        self::assertSame(['owned', 'Steel tape, 5 m', false], $need('tape', null));
        self::assertSame(['overdue', 'Steel tape, 8 m', false], $need('tape', 'Steel tape, 8 m'));
        $without = KitRegister::of([...$kit->instruments, ...$kit->stands, ...array_values(array_filter($kit->targets, static fn($target): bool => $target->id !== 'corner-1'))]);
        $found = $without->need('target', 'Corner reflector', ['Front radar'], '', '2026-11-25', new OverdueRule(...self::WIDENS));
        self::assertSame(['stands-in', 'Corner reflector, small'], [$found->state, $found->item]);
        self::assertStringContainsString('use its own drawing', Told::words($found->note));
    }

    public function testAnOrderNeedsEachThingOnce(): void
    {
        $needs = (new DemoOrder())->done('front-cover-removed', 'rear-cover-removed')->state()->needs;
        self::assertSame(count($needs), count(array_unique(array_map(static fn($need): string => $need->kind . Told::words($need->wanted), $needs))));
        $target = array_values(array_filter($needs, static fn($need): bool => $need->kind === 'target'));
        self::assertSame(['front', 'rear-left', 'rear-right'], $target[0]->sensors);
        $brink = (new DemoOrder('tessara-brink'))->done('front-cover-removed')->state()->needs;
        self::assertSame(['overdue', 'inclinometer'], [$brink[0]->state, $brink[0]->kind]);
    }
}
