<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\SetUp;

use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\Prospect;
use Lumbro\Core\SetUp\Prospects;
use Lumbro\Core\Tests\Support\Chance;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Tests\Support\Draws;
use Lumbro\Core\Tests\Support\PlannedSetUp;
use Lumbro\Core\Tests\Support\RoughShop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each way of measuring would come to, and the cheapest plan of readings, before anything is read. */
final class ProspectsTest extends TestCase
{
    /** A faultless set-up may be called contradictory so often: up to five degrees of freedom, and up to twelve and beyond. */
    private const FEW = 0.02;
    private const MANY = 0.04;

    /** @return iterable<string, array{string, string, string}> */
    public static function cards(): iterable
    {
        foreach (RoughShop::CARS as $car) {
            yield $car[0] => $car;
        }
    }

    #[DataProvider('cards')]
    public function testThePlanIsNoDearerThanAnySchoolAndProvesTheCard(string $card, string $vehicle, string $sensor): void
    {
        $prospects = self::prospects([$card, $vehicle, $sensor]);
        $cheapest = $prospects->cheapest;
        self::assertNotNull($cheapest);
        self::assertNotSame([], $prospects->schools);
        foreach ($prospects->schools as $school) {
            self::assertTrue($school->whole === null || $cheapest->minutes <= $school->minutes + 1e-9, (string) $school->school);
            if ($school->whole !== null) {
                self::assertProves([$card, $vehicle, $sensor], $school);
            }
        }
        self::assertProves([$card, $vehicle, $sensor], $cheapest);
    }

    #[DataProvider('cards')]
    public function testAFaultlessSetUpIsSeldomCalledContradictory(string $card, string $vehicle, string $sensor): void
    {
        $prospect = self::prospects([$card, $vehicle, $sensor])->cheapest ?? self::fail('There is no plan.');
        $once = array_values(array_filter($prospect->whole ?? [], static fn(string $id): bool => preg_match('/-[23]$/', $id) !== 1));
        $draws = Draws::of(2000, 100);
        foreach ([$prospect->whole ?? [], $once] as $readings) {
            $planned = new PlannedSetUp([$card, $vehicle, $sensor], $prospect->schools, $readings);
            $chance = new Chance(crc32($card) + count($readings));
            $contradictory = 0;
            for ($draw = 0; $draw < $draws; $draw++) {
                $contradictory += $planned->drawn($chance)->setUp->isConsistent() === false ? 1 : 0;
            }
            $freedom = $planned->setUp->placement->solution->degreesOfFreedom ?? 0;
            $share = $freedom <= 5 ? self::FEW : self::MANY;
            self::assertLessThanOrEqual($share * $draws + 3 * sqrt($share * $draws), $contradictory, "$freedom degrees of freedom");
        }
    }

    public function testWheelLasersAloneAreKnownNotToProveTheFrontCard(): void
    {
        foreach (self::prospects(RoughShop::CARS[0])->schools as $prospect) {
            if ($prospect->school === 'wheel-lasers') {
                self::assertFalse($prospect->provesAlone());
                self::assertContains('across', $prospect->lacking());
                self::assertGreaterThan($prospect->respects['across']['bearable'], $prospect->respects['across']['uncertainty']);
                self::assertContains('azimuth', $prospect->hiding());

                return;
            }
        }
        self::fail('Wheel lasers are not offered.');
    }

    public function testAPlanNamesOnlyWhatCanBeTakenHere(): void
    {
        $plan = (new DemoTask())->state()->plan;
        $known = Prospects::known($plan, ['plumb-and-line']);
        foreach (['spot-offset', 'spot-offset-3', 'staff-FL-3', 'staff-site-3', 'hub-offset-RR'] as $reading) {
            self::assertContains($reading, $known);
        }
        self::assertNotContains('spot-offset-4', $known);
        self::assertNotContains('scale-left', $known);
        self::assertContains('scale-left', Prospects::known($plan, ['wheel-lasers']));
    }

    /** @param array{string, string, string} $car */
    private static function prospects(array $car): Prospects
    {
        $context = PlannedSetUp::context($car);

        return Prospects::of($context, new MeasuringPlan($context, []));
    }

    /**
     * What was planned, read for once with the stand on its spot and everything as it is drawn.
     *
     * @param array{string, string, string} $car
     */
    private static function assertProves(array $car, Prospect $prospect): void
    {
        $whole = $prospect->whole ?? [];
        self::assertSame($whole, array_values(array_unique($whole)));
        $setUp = PlannedSetUp::of($car, $prospect)->setUp;
        self::assertTrue($setUp->holds(), "$prospect->school: " . json_encode([$whole, $setUp->guard('azimuth')?->largest(), $setUp->guard('elevation')?->largest()]));
    }
}
