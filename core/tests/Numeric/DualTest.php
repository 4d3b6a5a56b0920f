<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Numeric;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\Numeric\Dual;
use PHPUnit\Framework\TestCase;

final class DualTest extends TestCase
{
    use TestTrait;

    public function testDerivativesOfEveryOperationAreThoseOfCalculus(): void
    {
        $figure = static fn(float $x, float $y): Dual => Dual::atan2(
            (new Dual($y, [1 => 1.0]))->times((new Dual($x, [0 => 1.0]))->cos())->plus(Dual::constant(2)),
            (new Dual($x, [0 => 1.0]))->scaled(3)->minus((new Dual($y, [1 => 1.0]))->sin()),
        );
        $this->limitTo(100)->forAll(Generators::choose(-300, 300), Generators::choose(-300, 300))->then(static function (int $a, int $b) use ($figure): void {
            [$x, $y] = [$a / 100 + 0.005, $b / 100];
            $found = $figure($x, $y);
            $h = 1e-6;
            foreach ([[$h, 0.0], [0.0, $h]] as $i => [$dx, $dy]) {
                $slope = Angle::wrap($figure($x + $dx, $y + $dy)->value - $figure($x - $dx, $y - $dy)->value) / (2 * $h);
                self::assertEqualsWithDelta($slope, $found->gradient[$i], 1e-4 * max(1, abs($slope)));
            }
        });
    }

    public function testAnglesWrapIntoAHalfOpenTurn(): void
    {
        self::assertSame(M_PI, Angle::wrap(-M_PI));
        self::assertSame(M_PI, Angle::wrap(3 * M_PI));
        self::assertSame(180.0, Angle::degrees(-M_PI));
        self::assertEqualsWithDelta(-90.0, Angle::degrees(7.5 * M_PI), 1e-9);
        $this->limitTo(100)->forAll(Generators::choose(-100000, 100000))->then(static function (int $thousandths): void {
            $wrapped = Angle::wrap($thousandths / 1000);
            self::assertGreaterThan(-M_PI, $wrapped);
            self::assertLessThanOrEqual(M_PI, $wrapped);
            self::assertEqualsWithDelta(sin($thousandths / 1000), sin($wrapped), 1e-9);
        });
    }
}
