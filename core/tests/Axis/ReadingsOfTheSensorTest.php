<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Axis;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Axis\InclinometerElevation;
use Lumbro\Core\Axis\MirrorSpot;
use Lumbro\Core\Axis\PlateElevation;
use Lumbro\Core\Axis\PlateSwing;
use Lumbro\Core\Axis\ReflectorElevation;
use Lumbro\Core\Axis\ShiftResult;
use Lumbro\Core\Axis\ShiftTest;
use Lumbro\Core\Failure\NoMaximum;
use Lumbro\Core\Failure\OutsideSwing;
use Lumbro\Core\Tests\Support\Chance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Shift test, plate swing, mirror return, and what the set-up does to an elevation. */
final class ReadingsOfTheSensorTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{float, ShiftResult}> observed change for a predicted one of −0.6 */
    public static function shifts(): iterable
    {
        yield 'all of it' => [-0.58, ShiftResult::Tracks];
        yield 'nothing' => [0.04, ShiftResult::DoesNotRespond];
        yield 'half of it' => [-0.3, ShiftResult::ContradictsBoth];
        yield 'the other way' => [0.57, ShiftResult::Reversed];
        yield 'far too much' => [-1.4, ShiftResult::ContradictsBoth];
    }

    #[DataProvider('shifts')]
    public function testAShiftedTargetIsFollowedOrNot(float $observed, ShiftResult $expected): void
    {
        self::assertSame($expected, ShiftTest::of(0.11, 0.11 + $observed, 0.6, 0.05)->result);
    }

    public function testAShiftTooSmallForTheReadingsLeavesItUnclear(): void
    {
        self::assertSame(ShiftResult::Unclear, ShiftTest::of(0.1, 0.05, 0.1, 0.05)->result);
        // What the target's own move adds to the doubt counts too.
        self::assertSame(ShiftResult::Tracks, ShiftTest::of(0.1, -0.5, 0.6, 0.05)->result);
        self::assertSame(ShiftResult::Unclear, ShiftTest::of(0.1, -0.5, 0.6, 0.05, 0.4)->result);
    }

    public function testAParabolasTopIsFoundWhereItIs(): void
    {
        $this->limitTo(100)->forAll(Generators::choose(-190, 190), Generators::choose(1, 40))->then(static function (int $top, int $bend): void {
            $level = static fn(float $pitch): float => 31 - $bend / 20 * ($pitch - $top / 100) ** 2;
            self::assertEqualsWithDelta($top / 100, PlateSwing::of(2, $level(-2), $level(0), $level(2))->peak, 1e-9);
        });
    }

    public function testTheSwingsUncertaintyIsThatOfRepeatedSwings(): void
    {
        $chance = new Chance(505);
        $sum = 0.0;
        for ($draw = 0; $draw < 4000; $draw++) {
            $level = static fn(float $pitch): float => 31 - 0.8 * ($pitch - 0.4) ** 2 + $chance->normal(0.1);
            $sum += (PlateSwing::of(2, $level(-2), $level(0), $level(2))->peak - 0.4) ** 2;
        }
        $level = static fn(float $pitch): float => 31 - 0.8 * ($pitch - 0.4) ** 2;
        self::assertEqualsWithDelta(1.0, sqrt($sum / 4000) / (float) PlateSwing::of(2, $level(-2), $level(0), $level(2), 0.1)->uncertainty, 0.05);
    }

    public function testLevelsWithoutATopAreRefused(): void
    {
        foreach ([[30.0, 29.0, 30.0], [30.0, 30.0, 30.0], [28.0, 29.0, 30.0]] as [$minus, $zero, $plus]) {
            try {
                PlateSwing::of(2, $minus, $zero, $plus);
                self::fail("A top was found in $minus, $zero, $plus.");
            } catch (NoMaximum $failure) {
                self::assertSame('no-maximum', $failure->errorCode());
            }
        }
        $this->expectException(OutsideSwing::class);
        PlateSwing::of(2, 28.0, 29.9, 31.0);
    }

    public function testAMirrorsDotCountsDouble(): void
    {
        $face = MirrorSpot::face(31.4, 3000, 1.0);
        self::assertEqualsWithDelta(rad2deg(atan(31.4 / 3000)) / 2, $face->deviation, 1e-12);
        self::assertEqualsWithDelta(rad2deg(1 / 3000) / 2, $face->uncertainty, 1e-5);
        self::assertLessThan(0, MirrorSpot::face(-5, 3000, 1.0)->deviation);
    }

    public function testWhatTheSetUpDoesToAnElevation(): void
    {
        // A target 9 mm too high before a sensor 2 mm too low looks 11 mm too high.
        $reflector = ReflectorElevation::error(9, 1, -2, 1.5, 3000);
        self::assertEqualsWithDelta(rad2deg(atan(11 / 3000)), $reflector->deviation, 1e-12);
        self::assertEqualsWithDelta(rad2deg(hypot(1, 1.5) / 3000), $reflector->uncertainty, 1e-5);
        // On a floor that rises ahead of the car, a levelled plate leans away from the car's own square.
        self::assertEqualsWithDelta(-0.2, PlateElevation::error(0, 0.08, 0.2, 0.033)->deviation, 1e-12);
        self::assertSame(-0.2, InclinometerElevation::error(0.2, 0.033)->deviation);
    }
}
