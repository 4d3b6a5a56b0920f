<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\SetUp;

use Lumbro\Core\Catalogue\Bay\Stance;
use Lumbro\Core\Floor\FloorPlane;
use Lumbro\Core\Floor\Patch;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Method\FloorGround;
use Lumbro\Core\SetUp\KeptFloor;
use Lumbro\Core\Tests\Support\Chance;
use Lumbro\Core\Tests\Support\DemoOrder;
use PHPUnit\Framework\TestCase;

/** A bay keeps the floor as the staffs of one car showed it, wherever the next one stands. */
final class KeptFloorTest extends TestCase
{
    public function testASlopeIsKeptAsItIsWhereverTheCarStood(): void
    {
        $sheet = DemoOrder::sheet('quillon-sable');
        $chance = new Chance(4711);
        for ($draw = 0; $draw < 40; $draw++) {
            $stance = new Stance(3_000 * $chance->normal(), 800 * $chance->normal(), $draw % 2 === 0 ? 0.0 : 180.0);
            [$alongX, $alongY] = [0.006 * $chance->normal(), 0.006 * $chance->normal()];
            // What a level laser shows over a floor that falls by so much in the bay.
            $staff = static function (string $place, float $ahead, float $aside) use ($stance, $alongX, $alongY): FloorRead {
                [$x, $y] = $stance->toBay([$ahead, $aside]);

                return new FloorRead($place, 'Ilse', 'now', $place, sprintf('%.3f mm', 1_200 + $alongX * $x + $alongY * $y));
            };
            $places = FloorGround::wheels($sheet) + ['site-front' => [5_600.0, 0.0]];
            $floor = array_combine(array_keys($places), array_map($staff, array_keys($places), array_column($places, 0), array_column($places, 1)));
            $kept = KeptFloor::of($sheet, $floor, ['front' => [5_600.0, 0.0]], $stance, 0.6, '2026-11-28', 'Ilse');
            self::assertNotNull($kept);
            self::assertCount(5, $kept->points);
            foreach ($kept->points as $point) {
                self::assertEqualsWithDelta(1_200 + $alongX * $point['x'] + $alongY * $point['y'], $point['reading'], 0.02);
            }
            $plane = FloorPlane::through(array_map(static fn(array $point, int $i): Patch => new Patch("p$i", $point['x'], $point['y'], $point['reading']), $kept->points, array_keys($kept->points)), 0.6, 0.2);
            // A floor that is plane is kept as a plane: it has no warp to speak of.
            self::assertLessThan(0.05, $plane->warp ?? 0.0);
        }
    }

    public function testAStaffReadTwiceCountsByItsMeanAndThreeWheelsAreTooFew(): void
    {
        $sheet = DemoOrder::sheet('quillon-sable');
        $read = static fn(string $place, string $typed): FloorRead => new FloorRead($place, 'Ilse', 'now', $place, $typed);
        $floor = ['FL' => $read('FL', '1200'), 'FL-2' => $read('FL-2', '1204'), 'FR' => $read('FR', '1201'), 'RL' => $read('RL', '1202'), 'RR' => $read('RR', '1203')];
        $kept = KeptFloor::of($sheet, $floor, [], new Stance(), 0.6, '2026-11-28', 'Ilse');
        self::assertSame(1_202.0, $kept?->points[0]['reading']);
        self::assertNull(KeptFloor::of($sheet, array_diff_key($floor, ['RR' => 0]), [], new Stance(), 0.6, '2026-11-28', 'Ilse'));
        self::assertNull(KeptFloor::of($sheet, ['RR' => $read('RR', '')] + $floor, [], new Stance(), 0.6, '2026-11-28', 'Ilse'), 'a reading taken back is none');
    }
}
