<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Run;

use Lumbro\Core\Run\SecondEcho;
use PHPUnit\Framework\TestCase;

/** What an empty zone that is not quite empty does to every reading alike. */
final class SecondEchoTest extends TestCase
{
    public function testTheEmptyZoneOfTheContractIsAskedFor(): void
    {
        self::assertEqualsWithDelta(-36.1, SecondEcho::allowed(0.375), 0.1);
        self::assertLessThan(SecondEcho::allowed(0.45), SecondEcho::allowed(0.35), 'A closer limit asks for an emptier zone.');
    }

    public function testALouderZoneBendsMoreAndOneThatNobodyReadIsNotSilent(): void
    {
        self::assertEqualsWithDelta(10 * SecondEcho::bias(-40.0), SecondEcho::bias(-20.0), 1e-12);
        self::assertEqualsWithDelta(0.1 * 3 / M_SQRT2, SecondEcho::bias(-20.0), 1e-12);
        self::assertGreaterThan(0.03, SecondEcho::bias(null));
        self::assertSame(SecondEcho::bias(0.0), SecondEcho::bias(12.0), 'More than the target itself it is not taken for.');
    }
}
