<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Day;

use Lumbro\Core\Day\Asks;
use Lumbro\Core\Day\Began;
use Lumbro\Core\Day\Car;
use Lumbro\Core\Day\Chances;
use Lumbro\Core\Day\Day;
use Lumbro\Core\Day\Part;
use Lumbro\Core\Day\Person;
use Lumbro\Core\Day\Planner;
use Lumbro\Core\Day\Stage;
use Lumbro\Core\Tests\Support\DrawnDay;
use Lumbro\Core\Tests\Support\Draws;
use Lumbro\Core\Tests\Support\LivedDay;
use PHPUnit\Framework\TestCase;

/** A chance that is stated comes true as often as it says. */
final class ChancesTest extends TestCase
{
    public function testPromisesGivenNinetyInAHundredHoldThatOften(): void
    {
        $stated = $held = [];
        for ($seed = 1; $seed <= Draws::of(120, 14); $seed++) {
            $day = DrawnDay::of($seed, 12 + ($seed * 5) % 14);
            $plan = Planner::plan($day, $seed, 60);
            $chances = Chances::of($day, $plan);
            // A promise is lived through often: of a few lives the share is as wide as the bounds.
            for ($life = 0; $life < 40; $life++) {
                $done = LivedDay::of($day, $plan, 1000 * $seed + $life);
                foreach ($day->cars as $car) {
                    $chance = $chances[$car->id]['chance'];
                    if ($chance !== null && $chance >= 0.85 && $chance <= 0.95) {
                        $stated[] = $chance;
                        $held[] = ($done[$car->id] ?? PHP_INT_MAX) <= $car->promised ? 1 : 0;
                    }
                }
            }
        }
        self::assertGreaterThan(40, count($stated));
        $share = array_sum($held) / count($held);
        self::assertGreaterThan(0.85, $share);
        self::assertLessThan(0.95, $share);
    }

    public function testOneStageIsDoneAsItsSpreadSays(): void
    {
        $chance = static fn(int $promised): ?float => self::ofOne(new Stage('line', 'line', 60, 0.3), 480, $promised)['chance'];
        // The logarithm's median lies under its mean by half the square of its deviation.
        $median = 480 + (int) round(60 * exp(-0.045));
        self::assertEqualsWithDelta(0.5, $chance($median), 0.06);
        self::assertEqualsWithDelta(0.9, $chance(480 + (int) round(60 * exp(-0.045 + 1.2816 * 0.3))), 0.04);
        self::assertSame(1.0, $chance(1020));
        self::assertSame(0.0, $chance(481));
    }

    public function testWhatIsUnderWayIsNotDoneBeforeNow(): void
    {
        $stage = new Stage('line', 'line', 60, 0.3, new Asks(), null, new Began(480, 600, false, 'ilse'));
        $told = self::ofOne($stage, 600, 620);
        self::assertGreaterThan(600, $told['half']);
        self::assertLessThan(1.0, $told['chance']);
        self::assertGreaterThan(0.0, $told['chance']);
    }

    public function testNothingPromisedHasNoChanceAndWhatIsNotPlannedHasNone(): void
    {
        $people = [new Person('ilse', [[480, 1020]])];
        $day = new Day(480, 1020, $people, [], [], [
            new Car('a', 480, null, [new Part('a', [new Stage('a', 'line', 30)])]),
            new Car('b', 480, 900, [new Part('b', [new Stage('b', 'run', 30, 0.1, new Asks(right: 'run'))])]),
        ]);
        $chances = Chances::of($day, Planner::plan($day));
        self::assertNull($chances['a']['chance']);
        self::assertSame(['chance' => 0.0, 'half' => null, 'most' => null], $chances['b']);
    }

    /** @return array{chance: float|null, half: int|null, most: int|null} */
    private static function ofOne(Stage $stage, int $now, int $promised): array
    {
        $day = new Day($now, 1020, [new Person('ilse', [[480, 1020]])], [], [], [new Car('a', 480, $promised, [new Part('a', [$stage])])]);

        return Chances::of($day, Planner::plan($day, 1, 0))['a'];
    }
}
