<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Floor;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Failure\Underdetermined;
use Lumbro\Core\Floor\BodyPitch;
use Lumbro\Core\Floor\FloorPlane;
use Lumbro\Core\Floor\Patch;
use Lumbro\Core\Tests\Support\Chance;
use PHPUnit\Framework\TestCase;

final class FloorPlaneTest extends TestCase
{
    use TestTrait;

    private const WHEELS = ['FL' => [2900, 800], 'FR' => [2900, -800], 'RL' => [0, 790], 'RR' => [0, -790]];

    public function testAFlatFloorIsFoundWhicheverWayItFalls(): void
    {
        $this->limitTo(100)->forAll(Generators::choose(-200, 200), Generators::choose(-200, 200))->then(static function (int $a, int $b): void {
            [$a, $b] = [$a / 10000, $b / 10000];
            $plane = FloorPlane::through(self::patches(static fn(float $x, float $y): float => $a * $x + $b * $y), 0.5);
            self::assertEqualsWithDelta(rad2deg(atan($a)), $plane->pitch()->value, 1e-9);
            self::assertEqualsWithDelta(rad2deg(atan($b)), $plane->roll()->value, 1e-9);
            self::assertEqualsWithDelta(0.0, (float) $plane->warp, 1e-9);
            self::assertFalse($plane->warped);
            // Facing forwards the pitch is felt, to the left the roll, backwards the pitch the other way round.
            self::assertEqualsWithDelta($plane->pitch()->value, $plane->grade(0)->value, 1e-9);
            self::assertEqualsWithDelta($plane->roll()->value, $plane->grade(90)->value, 1e-9);
            self::assertEqualsWithDelta(-$plane->pitch()->value, $plane->grade(180)->value, 1e-9);
        });
    }

    public function testASiteThatLiesDeeperAsksForATargetSetHigher(): void
    {
        $plane = FloorPlane::through(self::patches(static fn(float $x): float => 0.004 * $x), 0.5);
        // The wheels' plane would be 22 mm up there; the floor has fallen 30 mm under it.
        $site = $plane->site(new Patch('front', 5500, 100, 1400 - 22 + 30), 642);
        self::assertEqualsWithDelta(30.0, $site->floorBelowPlane, 1e-9);
        self::assertEqualsWithDelta(672.0, $site->requiredHeight, 1e-9);
        self::assertGreaterThan(0.5, $site->uncertainty);
    }

    public function testTheLaserPlanesOwnTiltWidensGradesAndNoHeights(): void
    {
        $patches = self::patches(static fn(float $x, float $y): float => 0.002 * $x - 0.001 * $y);
        $true = FloorPlane::through($patches, 0.5);
        $tilted = FloorPlane::through($patches, 0.5, 0.3);
        self::assertEqualsWithDelta(hypot($true->pitch()->uncertainty, rad2deg(0.0003)), $tilted->pitch()->uncertainty, 1e-6);
        $site = new Patch('front', 5500, 100, 1400);
        self::assertSame($true->site($site, 642)->uncertainty, $tilted->site($site, 642)->uncertainty);
    }

    public function testAWarpedFloorIsSaidAndWidensEverything(): void
    {
        $patches = self::patches(static fn(): float => 0.0);
        $patches[0] = new Patch('FL', 2900, 800, 1400 - 8);
        $plane = FloorPlane::through($patches, 0.5);
        self::assertTrue($plane->warped);
        self::assertEqualsWithDelta(2.0, (float) $plane->warp, 0.02);
        $flat = FloorPlane::through(self::patches(static fn(): float => 0.0), 0.5);
        // Four residuals of 2 mm at one degree of freedom, against 0.5 mm each.
        self::assertEqualsWithDelta(8.0, $plane->pitch()->uncertainty / $flat->pitch()->uncertainty, 0.1);
    }

    public function testThreeWheelsGiveAPlaneThatNothingChecks(): void
    {
        $plane = FloorPlane::through(array_slice(self::patches(static fn(float $x): float => 0.003 * $x), 0, 3), 0.5);
        self::assertNull($plane->warp);
        self::assertNull($plane->warped);
        self::assertEqualsWithDelta(rad2deg(atan(0.003)), $plane->pitch()->value, 1e-9);
    }

    public function testWheelsInOneLineGiveNoPlane(): void
    {
        $this->expectException(Underdetermined::class);
        FloorPlane::through([new Patch('FL', 0, 0, 1), new Patch('FR', 1000, 500, 1), new Patch('RL', 2000, 1000, 1)], 0.5);
    }

    public function testTheStatedUncertaintiesAreThoseOfRepeatedSurveys(): void
    {
        $chance = new Chance(2310);
        $pitch = $height = 0.0;
        $plane = null;
        for ($draw = 0; $draw < 4000; $draw++) {
            $tilt = $chance->normal(0.0002);
            $plane = FloorPlane::through(self::patches(static fn(float $x): float => $tilt * $x + $chance->normal(0.7)), 0.7, 0.2);
            $pitch += $plane->pitch()->value ** 2;
            $height += $plane->site(new Patch('front', 5500, 100, 1400 - $tilt * 5500 + $chance->normal(0.7)), 642)->floorBelowPlane ** 2;
        }
        $unwarped = FloorPlane::through(self::patches(static fn(): float => 0.0), 0.7, 0.2);
        self::assertEqualsWithDelta(1.0, sqrt($pitch / 4000) / $unwarped->pitch()->uncertainty, 0.05);
        self::assertEqualsWithDelta(1.0, sqrt($height / 4000) / $unwarped->site(new Patch('front', 5500, 100, 1400), 642)->uncertainty, 0.05);
    }

    public function testALoadInTheBootPitchesTheNoseUp(): void
    {
        self::assertEqualsWithDelta(rad2deg(atan(6 / 2850)), BodyPitch::degrees(400, 400, 394, 400, 2850), 1e-12);
        self::assertLessThan(0, BodyPitch::degrees(390, 400, 400, 400, 2850));
    }

    /**
     * @param \Closure(float, float): float $rise of the floor
     *
     * @return list<Patch>
     */
    private static function patches(\Closure $rise): array
    {
        $patches = [];
        foreach (self::WHEELS as $name => [$x, $y]) {
            $patches[] = new Patch($name, $x, $y, 1400 - $rise($x, $y));
        }

        return $patches;
    }
}
