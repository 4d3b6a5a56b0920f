<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Procedure;

use Lumbro\Core\Procedure\Directions;
use Lumbro\Core\Procedure\Owed;
use Lumbro\Core\Procedure\OwedState;
use Lumbro\Core\Tests\Support\DemoTask;
use PHPUnit\Framework\TestCase;

final class OwedTest extends TestCase
{
    public function testOwedOutweighsUnknownAndUnknownOutweighsNotOwed(): void
    {
        $card = (new DemoTask())->context()->card;
        $state = static fn(string ...$operations): OwedState => Owed::after(array_values($operations), $card)->state;
        self::assertSame(OwedState::Owed, $state('rear-cover-removed', 'wheel-alignment', 'front-cover-removed'));
        self::assertSame(OwedState::Unknown, $state('rear-cover-removed', 'wheel-alignment'));
        self::assertSame(OwedState::NotOwed, $state('rear-cover-removed'));
        self::assertSame(OwedState::NotOwed, $state());
    }

    public function testEveryReasonCarriesItsSourceAndAnOperationWithoutARuleIsAQuestion(): void
    {
        $owed = Owed::after(['windscreen-replaced', 'front-cover-removed'], (new DemoTask())->context()->card);
        self::assertSame('static', $owed->route);
        self::assertCount(2, $owed->reasons);
        self::assertSame('front-cover-removed', $owed->reasons[0]->operation);
        foreach ($owed->reasons as $reason) {
            self::assertStringContainsString('Quillon', $reason->source);
        }
        self::assertNotNull($owed->reasons[1]->question);
    }

    public function testSignsAreSaidAsDirections(): void
    {
        self::assertSame('towards the car\'s left side', Directions::across(3));
        self::assertSame('away from the car', Directions::along(3, true));
        self::assertSame('towards the car', Directions::along(3, false));
        self::assertSame('clockwise, seen from above', Directions::turn(-1));
        self::assertSame('too near', Directions::deviation('along', -4, true));
        self::assertSame('to the car\'s right', Directions::axis('azimuth', -0.1));
        self::assertSame('down', Directions::axis('elevation', -0.1));
    }
}
