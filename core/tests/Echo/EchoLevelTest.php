<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Echo;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Echo\EchoLevel;
use Lumbro\Core\Echo\Fresnel;
use Lumbro\Core\Echo\Plate;
use Lumbro\Core\Echo\RadarTarget;
use Lumbro\Core\Echo\Sphere;
use Lumbro\Core\Echo\Trihedral;
use PHPUnit\Framework\TestCase;

final class EchoLevelTest extends TestCase
{
    use TestTrait;

    private const FREQUENCY = 76.5e9;

    public function testCrossSectionsOfKnownTargets(): void
    {
        $wavelength = 299_792_458_000.0 / self::FREQUENCY;
        $metres = $wavelength / 1000;
        self::assertEqualsWithDelta(4 * M_PI * 0.1 ** 4 / (3 * $metres ** 2), self::echo(Trihedral::ofTriangles(100))->crossSection(), 1e-9);
        self::assertEqualsWithDelta(12 * M_PI * 0.1 ** 4 / $metres ** 2, self::echo(Trihedral::ofSquares(100))->crossSection(), 1e-9);
        self::assertEqualsWithDelta(4 * M_PI * (0.24 * 0.16) ** 2 / $metres ** 2, self::echo(new Plate(240, 160))->crossSection(), 1e-9);
        self::assertEqualsWithDelta(M_PI * 0.09 ** 2, self::echo(new Sphere(90))->crossSection(), 1e-12);
    }

    public function testFarAwayEveryTargetHasItsFarFieldCrossSection(): void
    {
        foreach ([Trihedral::ofTriangles(80), Trihedral::ofSquares(60), new Plate(120, 90), new Sphere(50)] as $target) {
            $echo = self::echo($target);
            self::assertEqualsWithDelta($echo->crossSectionDbsm(), $echo->effectiveDbsm(1e7), 1e-4);
        }
    }

    public function testAPlatesTwoFresnelIntegralsAreItsSurfaceIntegral(): void
    {
        $this->limitTo(25)->forAll(Generators::choose(-60, 60), Generators::choose(-60, 60), Generators::choose(1200, 5000))->then(
            static function (int $yaw, int $pitch, int $range): void {
                [$width, $height] = [180.0, 120.0];
                $found = self::echo(new Plate($width, $height, $yaw / 20, $pitch / 20))->effectiveDbsm($range);
                $k = 2 * M_PI * self::FREQUENCY / 299_792_458_000.0;
                $side = static function (float $length, float $degrees) use ($k, $range): float {
                    $sine = sin(deg2rad($degrees));
                    $parts = 4000;
                    $sum = [0.0, 0.0];
                    for ($i = 0; $i < $parts; $i++) {
                        $x = ($i + 0.5) / $parts * $length - $length / 2;
                        $phase = $k * $x * $x / $range + 2 * $k * $x * $sine;
                        $sum[0] += cos($phase) * $length / $parts;
                        $sum[1] += sin($phase) * $length / $parts;
                    }

                    return $sum[0] ** 2 + $sum[1] ** 2;
                };
                $area = $side($width, $yaw / 20) * $side($height, $pitch / 20) * 1e-12;
                $sigma = 4 * M_PI * ($k * 1000 / (2 * M_PI)) ** 2 * $area;
                self::assertEqualsWithDelta(10 * log10($sigma), $found, 0.002);
            },
        );
    }

    public function testFresnelIntegralsJoinSmoothly(): void
    {
        // Known values (Abramowitz and Stegun, table 7.7) on both sides of where the method changes.
        foreach ([[0.5, 0.4923442, 0.0647324], [1.5, 0.4452612, 0.6975050], [1.7, 0.3238269, 0.5491960], [3.0, 0.6057208, 0.4963130], [5.0, 0.5636312, 0.4991914]] as [$t, $c, $s]) {
            [$real, $imaginary] = Fresnel::between(0, $t);
            self::assertEqualsWithDelta($c, $real, 1e-6, "C($t)");
            self::assertEqualsWithDelta($s, $imaginary, 1e-6, "S($t)");
            self::assertEqualsWithDelta([-$real, -$imaginary], Fresnel::between(0, -$t), 1e-12);
        }
        [$real, $imaginary] = Fresnel::between(-400, 400);
        self::assertEqualsWithDelta(1.0, $real, 1e-2);
        self::assertEqualsWithDelta(1.0, $imaginary, 1e-2);
    }

    public function testTwiceAsFarIsTwelveDecibelLessAndABumperCountsTwice(): void
    {
        $echo = self::echo(new Sphere(90));
        self::assertEqualsWithDelta(40 * log10(2), $echo->expected(2000, 30) - $echo->expected(4000, 30), 1e-9);
        self::assertEqualsWithDelta(3.0, $echo->expected(2000, 30) - $echo->expected(2000, 30, 1.5), 1e-9);
    }

    public function testATrihedralTurnedTwentyDegreesLosesThreeDecibel(): void
    {
        $straight = self::echo(Trihedral::ofTriangles(100))->effectiveDbsm(3150);
        self::assertEqualsWithDelta(3.0, $straight - self::echo(Trihedral::ofTriangles(100, -20))->effectiveDbsm(3150), 1e-9);
        self::assertEqualsWithDelta(0.75, $straight - self::echo(Trihedral::ofTriangles(100, 10))->effectiveDbsm(3150), 1e-9);
    }

    private static function echo(RadarTarget $target): EchoLevel
    {
        return EchoLevel::of($target, self::FREQUENCY);
    }
}
