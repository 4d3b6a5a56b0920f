<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Numeric;

use Lumbro\Core\Numeric\ChiSquare;
use Lumbro\Core\Numeric\Gamma;
use Lumbro\Core\Numeric\Normal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Against tabulated values (Abramowitz & Stegun 26.1, 26.4). */
final class DistributionsTest extends TestCase
{
    /** @return iterable<array{float, float}> */
    public static function normal(): iterable
    {
        yield [0.0, 0.5];
        yield [1.0, 0.8413447460685429];
        yield [1.959963984540054, 0.975];
        yield [-3.0, 0.0013498980316300946];
        yield [-10.0, 7.619853024160527e-24];
        yield [-37.0, 5.725571222524577e-300];
    }

    #[DataProvider('normal')]
    public function testNormal(float $z, float $expected): void
    {
        self::assertEqualsWithDelta($expected, Normal::below($z), 1e-12 * $expected);
    }

    public function testBetweenKeepsItsAccuracyInEitherTail(): void
    {
        self::assertEqualsWithDelta(Normal::between(-9, -8), Normal::between(8, 9), 1e-28);
        // 6.22096057427178e-16 less 1.1285884059538e-19.
        self::assertEqualsWithDelta(6.21983198586583e-16, Normal::between(8, 9), 1e-28);
        self::assertSame(1.0, Normal::between(-INF, INF));
    }

    /** @return iterable<array{int, float}> */
    public static function chiSquare(): iterable
    {
        yield [1, 3.841458820694124];
        yield [2, 5.991464547107979];
        yield [10, 18.307038053275146];
        yield [100, 124.34211340400407];
    }

    #[DataProvider('chiSquare')]
    public function testChiSquare(int $degrees, float $expected): void
    {
        self::assertEqualsWithDelta($expected, ChiSquare::point95($degrees), 1e-10 * $expected);
    }

    public function testGammaFunctionsAddUpToOne(): void
    {
        foreach ([0.3, 0.5, 4.0, 50.0] as $a) {
            foreach ([0.01, 1.0, 5.0, 60.0] as $x) {
                self::assertEqualsWithDelta(1.0, Gamma::lower($a, $x) + Gamma::upper($a, $x), 1e-14);
            }
        }
        self::assertEqualsWithDelta(log(24), Gamma::logarithm(5), 1e-13);
        self::assertEqualsWithDelta(log(M_PI) / 2, Gamma::logarithm(0.5), 1e-13);
        self::assertEqualsWithDelta(log(3.6256099082219083), Gamma::logarithm(0.25), 1e-12);
    }
}
