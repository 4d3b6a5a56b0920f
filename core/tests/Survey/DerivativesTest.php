<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Survey;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\Survey\Equation;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Tests\Support\Scene;
use Lumbro\Core\Tests\Support\WheelLaserScene;
use PHPUnit\Framework\TestCase;

/** Every equation's derivatives against central differences, at many places. */
final class DerivativesTest extends TestCase
{
    use TestTrait;

    public function testDerivativesOfTapesAndOffsets(): void
    {
        $this->limitTo(60)
            ->forAll(Generators::choose(4500, 7500), Generators::choose(-900, 900), Generators::choose(-314, 314), Generators::choose(-314, 314))
            ->then(function (int $x, int $y, int $yaw, int $turn): void {
                $this->compare((new Scene($x, $y, $yaw / 100, $turn / 100, 300, -200))->network(), 'tape');
            });
    }

    public function testDerivativesOfBeamsMirrorsAndAngles(): void
    {
        $this->limitTo(60)
            ->forAll(Generators::choose(3000, 6000), Generators::choose(-300, 300), Generators::choose(-80, 80), Generators::choose(-30, 30), Generators::choose(-60, 60))
            ->then(function (int $x, int $y, int $yaw, int $mirror, int $toe): void {
                $this->compare(WheelLaserScene::network($x, $y, M_PI + $yaw / 1000, $mirror / 1000, $toe / 1000), 'scale');
            });
    }

    private function compare(Network $network, string $instrument): void
    {
        $layout = new Layout($network);
        $state = $layout->start;
        // Instrument errors other than zero, so that the scale's share in the others' derivatives is tested too.
        $state[$layout->scale[$instrument]] = 0.002;
        $state[$layout->zero[$instrument]] = 1.3;
        foreach ($network->observations as $observation) {
            $row = Equation::of($observation, new Geometry($layout, $state))->row;
            for ($place = 0; $place < $layout->size(); $place++) {
                $step = $layout->angular[$place] || $place === $layout->scale[$instrument] ? 1e-6 : 1e-2;
                [$up, $down] = [$state, $state];
                $up[$place] += $step;
                $down[$place] -= $step;
                $change = Equation::of($observation, new Geometry($layout, $up))->value - Equation::of($observation, new Geometry($layout, $down))->value;
                // An angle that passes half a turn between the two comes out a whole turn away.
                $slope = ($observation->isAngle() ? Angle::wrap($change) : $change) / (2 * $step);
                // What a central difference over such a step misses itself.
                $size = 2e-5 * max($observation->isAngle() ? 5e-3 : 1.0, abs($slope));
                self::assertEqualsWithDelta($slope, $row[$place] ?? 0.0, $size, $observation->id() . ' by ' . $layout->names[$place]);
            }
        }
    }
}
