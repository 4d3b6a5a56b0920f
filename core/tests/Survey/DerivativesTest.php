<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Survey;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Survey\Equation;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;
use Lumbro\Core\Tests\Support\Scene;
use PHPUnit\Framework\TestCase;

/** Every equation's derivatives against central differences, at many places. */
final class DerivativesTest extends TestCase
{
    use TestTrait;

    public function testDerivativesAreThoseOfTheEquations(): void
    {
        $this->limitTo(60)
            ->forAll(Generators::choose(4500, 7500), Generators::choose(-900, 900), Generators::choose(-314, 314), Generators::choose(-314, 314))
            ->then(static function (int $x, int $y, int $yaw, int $turn): void {
                $network = (new Scene($x, $y, $yaw / 100, $turn / 100, 300, -200))->network();
                $layout = new Layout($network);
                $state = $layout->start;
                // Instrument errors other than zero, so that the scale's share in the others' derivatives is tested too.
                $state[$layout->scale['tape']] = 0.002;
                $state[$layout->zero['tape']] = 1.3;
                foreach ($network->observations as $observation) {
                    $row = Equation::of($observation, new Geometry($layout, $state))->row;
                    for ($place = 0; $place < $layout->size(); $place++) {
                        $step = $layout->angular[$place] || $place === $layout->scale['tape'] ? 1e-6 : 1e-2;
                        [$up, $down] = [$state, $state];
                        $up[$place] += $step;
                        $down[$place] -= $step;
                        $slope = (Equation::of($observation, new Geometry($layout, $up))->value
                            - Equation::of($observation, new Geometry($layout, $down))->value) / (2 * $step);
                        $found = $row[$place] ?? 0.0;
                        self::assertEqualsWithDelta($slope, $found, 2e-5 * max(1.0, abs($slope)), $observation->id() . ' by ' . $layout->names[$place]);
                    }
                }
            });
    }
}
