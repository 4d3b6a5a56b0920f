<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Measure;

use Lumbro\Core\Failure\UnreadableReading;
use Lumbro\Core\Measure\Turn;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TurnTest extends TestCase
{
    /** @return iterable<string, array{string, float}> */
    public static function turns(): iterable
    {
        yield 'clockwise' => ['0.4 clockwise', -0.4];
        yield 'anticlockwise with its sign' => ['0.4° anticlockwise', 0.4];
        yield 'short' => ['1.25cw', -1.25];
        yield 'the other short' => [' 2 acw ', 2.0];
        yield 'with a comma' => ['0,35 deg ccw', 0.35];
        yield 'none' => ['0', 0.0];
        yield 'in capitals' => ['3 Degrees Clockwise', -3.0];
    }

    #[DataProvider('turns')]
    public function testATurnIsReadWithItsSense(string $typed, float $degrees): void
    {
        self::assertSame($degrees, Turn::fromReading($typed)->degrees);
        self::assertSame(trim($typed), Turn::fromReading($typed)->typed);
    }

    /** @return iterable<string, array{string, string}> */
    public static function others(): iterable
    {
        yield 'without a sense' => ['0.4', 'which way'];
        yield 'with a sign instead' => ['-0.4', 'not an angle'];
        yield 'a length' => ['12 mm left', 'not an angle'];
        yield 'nothing' => ['', 'not an angle'];
    }

    #[DataProvider('others')]
    public function testWhatCannotBeToldIsRefusedWithAnExample(string $typed, string $why): void
    {
        self::assertMatchesRegularExpression("/$why.*0\\.4 clockwise/s", Told::refusal(UnreadableReading::class, static fn(): Turn => Turn::fromReading($typed)));
    }
}
