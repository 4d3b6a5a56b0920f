<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Measure;

use Lumbro\Core\Measure\StandardUncertainty;
use Lumbro\Core\Tests\Support\Chance;
use PHPUnit\Framework\TestCase;

final class StandardUncertaintyTest extends TestCase
{
    public function testAnAccuracyAResolutionAndMarkingAddInQuadrature(): void
    {
        self::assertEqualsWithDelta(1 / sqrt(3), StandardUncertainty::ofReading(1, 0), 1e-12);
        self::assertEqualsWithDelta(1 / sqrt(12), StandardUncertainty::ofReading(0, 1), 1e-12);
        self::assertEqualsWithDelta(sqrt(1 / 3 + 1 / 12 + 0.25), StandardUncertainty::ofReading(1, 1, 0.5), 1e-12);
        self::assertSame(0.4, StandardUncertainty::ofExpanded(0.8));
    }

    public function testItIsTheSpreadOfSuchErrors(): void
    {
        $chance = new Chance(31);
        $sum = 0.0;
        for ($draw = 0; $draw < 40000; $draw++) {
            $sum += ($chance->between(-1.5, 1.5) + $chance->between(-0.5, 0.5) + $chance->normal(0.4)) ** 2;
        }
        self::assertEqualsWithDelta(StandardUncertainty::ofReading(1.5, 1.0, 0.4), sqrt($sum / 40000), 0.01);
    }
}
