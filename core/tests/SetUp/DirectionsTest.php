<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\SetUp;

use Lumbro\Core\SetUp\Directions;
use Lumbro\Core\Tests\Support\DemoOrder;
use PHPUnit\Framework\TestCase;

final class DirectionsTest extends TestCase
{
    public function testSignsAreSaidAsDirections(): void
    {
        self::assertSame('towards the car\'s left side', Directions::across(3));
        self::assertSame('away from the car', Directions::along(3, true));
        self::assertSame('towards the car', Directions::along(3, false));
        self::assertSame('clockwise, seen from above', Directions::turn(-1));
        self::assertSame('too near', Directions::deviation('along', -4, true));
        self::assertSame('to the car\'s right', Directions::axis('azimuth', -0.1, false));
        self::assertSame('down', Directions::axis('elevation', -0.1, false));
    }

    public function testASideIsTheCarsAndAlsoAsSeen(): void
    {
        $words = [];
        foreach ([...DemoOrder::sheet('tessara-halyard')->sensors, ...DemoOrder::sheet('quillon-sable')->sensors] as $sensor) {
            $words[$sensor->name] = $sensor->sideInWords();
        }
        self::assertSame('the car\'s left: on your right as you stand ahead of the car, facing it', $words['Left front radar']);
        self::assertSame('the car\'s right: on your left as you stand ahead of the car, facing it', $words['Right front radar']);
        self::assertSame('the car\'s left: on your left as you stand behind the car, facing it', $words['Left rear radar']);
        self::assertSame('on the car\'s middle', $words['Front radar']);
    }
}
