<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Catalogue;

use Lumbro\Core\Catalogue\Vehicle\FigureOrigin;
use Lumbro\Core\Catalogue\Vehicle\SensorPlace;
use Lumbro\Core\Catalogue\Vehicle\TaughtCar;
use Lumbro\Core\Catalogue\Vehicle\UsualCar;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use PHPUnit\Framework\TestCase;

/** The next car of a kind begins with what the last ones showed. */
final class TaughtCarTest extends TestCase
{
    private static function car(float $wheelbase, float $ahead, ?float $rear = null): VehicleSheet
    {
        $sheet = UsualCar::of('Vossen', 'Ketch', [SensorPlace::Front, SensorPlace::RearLeft])
            ->measured('front.along', 2_700.0 + $ahead, 2.0)
            ->measured('wheelbase', $wheelbase, 3.0);

        return $rear === null ? $sheet : $sheet->measured('rear-left.along', -$rear, 2.0);
    }

    public function testOneCarTeachesItsOwnFiguresAndHowFarTheNextMayStray(): void
    {
        $taught = TaughtCar::of(UsualCar::of('Vossen', 'Ketch', [SensorPlace::Front, SensorPlace::RearLeft]), [self::car(2_764.0, 832.0)]);
        self::assertEqualsWithDelta([2_764.0, 2_764.0 + 832.0], [$taught->wheelbase, $taught->sensor('front')?->along], 1e-9);
        self::assertEquals(new FigureOrigin('cars', null, 1), $taught->origins['wheelbase']);
        // One car says less of the next than of itself, and more than nothing.
        self::assertEqualsWithDelta(sqrt(2 * 16.0 + 9.0), $taught->sOf('wheelbase'), 1e-9);
        self::assertSame('unknown', $taught->origins['trackFront']->from);
        self::assertSame([], $taught->measured);
    }

    public function testMoreCarsNarrowItTheirSpreadWidensItAndWhatWasOnlyTakenOverTeachesNothing(): void
    {
        $blank = UsualCar::of('Vossen', 'Ketch', [SensorPlace::Front, SensorPlace::RearLeft]);
        $alike = TaughtCar::of($blank, [self::car(2_764.0, 832.0), self::car(2_766.0, 830.0), self::car(2_765.0, 831.0), self::car(2_765.0, 831.0)]);
        $strewn = TaughtCar::of($blank, [self::car(2_744.0, 832.0), self::car(2_786.0, 830.0), self::car(2_765.0, 811.0), self::car(2_765.0, 851.0)]);
        $one = TaughtCar::of($blank, [self::car(2_765.0, 831.0)]);
        self::assertEqualsWithDelta(2_765.0, $alike->wheelbase, 1e-9);
        self::assertEqualsWithDelta(831.0, ($alike->sensor('front')->along ?? NAN) - $alike->wheelbase, 1e-9);
        self::assertLessThan($one->sOf('wheelbase'), $alike->sOf('wheelbase'));
        self::assertGreaterThan(14.0, $strewn->sOf('wheelbase'));
        // A car that began with these and measured nothing new is no fifth witness.
        $again = TaughtCar::of($alike, [$alike]);
        self::assertEquals($alike, $again);
    }
}
