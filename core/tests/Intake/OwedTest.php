<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Intake;

use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Catalogue\ShopRules\Route;
use Lumbro\Core\Intake\Owed;
use Lumbro\Core\Tests\Support\DemoOrder;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\TestCase;

final class OwedTest extends TestCase
{
    public function testOwedOutweighsUnknownAndUnknownOutweighsNotOwed(): void
    {
        $state = static fn(string ...$operations): OwedState => self::owed(...$operations)->state;
        self::assertSame(OwedState::Owed, $state('rear-cover-removed', 'wheel-alignment', 'front-cover-removed'));
        self::assertSame(OwedState::Unknown, $state('rear-cover-removed', 'wheel-alignment'));
        self::assertSame(OwedState::NotOwed, $state('rear-cover-removed'));
        self::assertSame(OwedState::NotOwed, $state());
    }

    public function testEveryReasonCarriesItsSourceAndAnOperationWithoutARuleIsAQuestion(): void
    {
        $owed = self::owed('windscreen-replaced', 'front-cover-removed');
        self::assertSame(Route::Static, $owed->route);
        self::assertCount(2, $owed->reasons);
        self::assertSame('front-cover-removed', $owed->reasons[0]->operation->text());
        foreach ($owed->reasons as $reason) {
            self::assertStringContainsString('Quillon', Told::words($reason->source));
        }
        self::assertSame(OwedState::Unknown, $owed->reasons[1]->outcome->state);
        self::assertNotNull($owed->reasons[1]->question);
    }

    public function testRoutesAddUpToTheStricterOne(): void
    {
        self::assertNull(Route::together([], false));
        self::assertSame(Route::Choice, Route::together([Route::Choice], false));
        self::assertSame(Route::Static, Route::together([Route::Choice, Route::Static], false));
        self::assertSame(Route::Dynamic, Route::together([Route::Choice, Route::Dynamic], false));
        self::assertSame(Route::StaticThenDynamic, Route::together([Route::Static, Route::Dynamic], false));
        self::assertSame(Route::StaticThenDynamic, Route::together([Route::Dynamic], true));
        self::assertSame(Route::Static, Route::together([Route::Choice], true));
    }

    /** The Sable's front radar by its own card, without the shop's table. */
    private static function owed(string ...$operations): Owed
    {
        $sensor = DemoOrder::sheet('quillon-sable')->sensor('front');
        self::assertNotNull($sensor);

        return Owed::after(array_map(static fn(string $text): Operation => Operation::fromCode($text), array_values($operations)), $sensor, DemoOrder::card('quillon-sable-front'));
    }
}
