<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\SetUp;

use Lumbro\Core\SetUp\Directions;
use Lumbro\Core\Tests\Support\DemoOrder;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\TestCase;

final class DirectionsTest extends TestCase
{
    public function testSignsAreSaidAsDirections(): void
    {
        self::assertSame('towards the car’s left side', Told::words(Directions::across(3)));
        self::assertSame('away from the car', Told::words(Directions::along(3, true)));
        self::assertSame('towards the car', Told::words(Directions::along(3, false)));
        self::assertSame('clockwise, seen from above', Told::words(Directions::turn(-1)));
        self::assertSame('too near', Told::words(Directions::deviation('along', -4, true)));
        self::assertSame('to the car’s right', Told::words(Directions::axis('azimuth', -0.1, false)));
        self::assertSame('down', Told::words(Directions::axis('elevation', -0.1, false)));
    }

    public function testASideIsTheCarsAndAlsoAsSeen(): void
    {
        $words = [];
        foreach ([...DemoOrder::sheet('tessara-halyard')->sensors, ...DemoOrder::sheet('quillon-sable')->sensors] as $sensor) {
            $words[$sensor->name] = Told::words($sensor->sideSaid());
        }
        self::assertSame('the car’s left: on your right as you stand ahead of the car, facing it', $words['Left front radar']);
        self::assertSame('the car’s right: on your left as you stand ahead of the car, facing it', $words['Right front radar']);
        self::assertSame('the car’s left: on your left as you stand behind the car, facing it', $words['Left rear radar']);
        self::assertSame('on the car’s middle', $words['Front radar']);
    }
}
