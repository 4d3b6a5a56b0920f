<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Echo;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Echo\Interference;
use Lumbro\Core\Echo\Outline;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Tests\Support\Chance;
use PHPUnit\Framework\TestCase;

final class InterferenceTest extends TestCase
{
    use TestTrait;

    /** A corridor ahead of a sensor at (3730, 0), towards a target 1,900 mm away. */
    private const ZONE = [[3730.0, 600.0], [7000.0, 900.0], [7000.0, -900.0], [3730.0, -600.0]];

    public function testWhatReachesIntoTheZoneIsListedNearestFirst(): void
    {
        $found = $this->from()->intrusions(['ahead of the radar' => Outline::through(self::ZONE)], [
            'cabinet' => Outline::through([[5000.0, 500.0], [5600.0, 500.0], [5600.0, 1500.0], [5000.0, 1500.0]]),
            'door post' => Outline::through([[4700.0, -650.0], [4780.0, -650.0], [4780.0, -2000.0], [4700.0, -2000.0]]),
            'back wall' => Outline::through([[6900.0, -3000.0], [6900.0, 3000.0]]),
            'jack' => Outline::through([[5630.0, 20.0]]),
            'tyre rack' => Outline::through([[4000.0, 900.0], [4600.0, 900.0], [4600.0, 1400.0], [4000.0, 1400.0]]),
        ]);
        self::assertSame(['door post', 'cabinet', 'jack', 'back wall'], array_column($found, 'obstacle'));
        self::assertSame('ahead of the radar', $found[0]->purpose);
        self::assertEqualsWithDelta(hypot(970, 650), $found[0]->nearest, 1e-6);
        self::assertEqualsWithDelta(rad2deg(atan2(-650, 970)), (float) $found[0]->bearing, 1e-9);
        self::assertEqualsWithDelta(3170.0, $found[3]->nearest, 1e-6);
        self::assertEqualsWithDelta(0.0, (float) $found[3]->bearing, 1e-9);
        // The target's echo comes from 1,900 mm, give or take two resolutions of 150 mm.
        self::assertSame([false, true, true, false], array_column($found, 'inRangeCell'));
    }

    public function testAnObstacleAroundTheSensorHasNoBearing(): void
    {
        $around = Outline::through([[3000.0, -1000.0], [4000.0, -1000.0], [4000.0, 1000.0], [3000.0, 1000.0]]);
        [$found] = $this->from()->intrusions(['zone' => Outline::through(self::ZONE)], ['lift' => $around]);
        self::assertSame(0.0, $found->nearest);
        self::assertNull($found->bearing);
    }

    public function testAnObstacleThatHoldsTheWholeZoneReachesAllOfIt(): void
    {
        $hall = Outline::through([[3000.0, -5000.0], [9000.0, -5000.0], [9000.0, 5000.0], [3000.0, 5000.0]]);
        [$found] = $this->from()->intrusions(['zone' => Outline::through(self::ZONE)], ['hall' => $hall]);
        self::assertEqualsWithDelta(hypot(3270, 900), $found->farthest, 1e-6);
    }

    public function testPointsThrownAtTheBayAgree(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(0, 1 << 30))->disableShrinking()->then(function (int $seed): void {
            $chance = new Chance($seed);
            // A star-shaped obstacle, concave as often as not, somewhere about the zone.
            [$cx, $cy] = [$chance->between(3500, 7500), $chance->between(-1800, 1800)];
            $corners = [];
            for ($i = 0; $i < 7; $i++) {
                $reach = $chance->between(150, 900);
                $corners[] = [$cx + $reach * cos(2 * M_PI * $i / 7), $cy + $reach * sin(2 * M_PI * $i / 7)];
            }
            $obstacle = Outline::through($corners);
            $zone = Outline::through(self::ZONE);
            $found = $this->from()->intrusions(['zone' => $zone], ['thing' => $obstacle])[0] ?? null;
            $hits = 0;
            $least = INF;
            for ($throw = 0; $throw < 1500; $throw++) {
                $point = [$cx + $chance->between(-900, 900), $cy + $chance->between(-900, 900)];
                if ($zone->contains($point) && $obstacle->contains($point)) {
                    $hits++;
                    $range = hypot($point[0] - 3730, $point[1]);
                    $least = min($least, $range);
                    self::assertNotNull($found);
                    self::assertGreaterThanOrEqual($found->nearest - 1e-6, $range);
                    self::assertLessThanOrEqual($found->farthest + 1e-6, $range);
                }
            }
            if ($hits > 300) {
                self::assertNotNull($found);
                self::assertLessThan($found->nearest + 200, $least);
            }
        });
    }

    public function testAnOutlineHasCorners(): void
    {
        $this->expectException(InvalidInput::class);
        Outline::through([]);
    }

    private function from(): Interference
    {
        return new Interference([3730.0, 0.0], 1900.0, 150.0);
    }
}
