<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Axis;

use Lumbro\Core\Axis\AxisReading;
use Lumbro\Core\Axis\AxisVerdict;
use Lumbro\Core\Axis\ErrorBudget;
use Lumbro\Core\Axis\PlacementError;
use Lumbro\Core\Placement\Placement;
use Lumbro\Core\Tests\Support\Chance;
use Lumbro\Core\Tests\Support\SchoolScene;
use PHPUnit\Framework\TestCase;

final class ErrorBudgetTest extends TestCase
{
    public function testTheGroupsAddUpToTheUncertaintyOfTheVerdict(): void
    {
        $chance = new Chance(345);
        foreach (SchoolScene::ALL as $school) {
            $bearing = Placement::of(SchoolScene::draw($school, $chance)->task())->deviations['bearing'];
            $budget = ErrorBudget::of(0.05, $bearing, static fn(string $id): string => match (true) {
                str_starts_with($id, 'sensor') => 'the sensor\'s place',
                str_starts_with($id, '#') => 'the tape itself',
                default => 'readings and marks',
            });
            $verdict = AxisVerdict::of(AxisReading::misalignment(0.1, 0.05), new PlacementError(rad2deg($bearing->value()), rad2deg($bearing->uncertainty)), 0.35);
            self::assertEqualsWithDelta($verdict->uncertainty, $budget->uncertainty, 1e-9, $school);
            self::assertEqualsWithDelta($budget->uncertainty, sqrt(array_sum(array_map(static fn(float $part): float => $part ** 2, $budget->groups))), 1e-9, $school);
            self::assertEqualsWithDelta(1.0, array_sum(array_map($budget->share(...), array_keys($budget->groups))), 1e-9, $school);
            $sorted = $budget->groups;
            arsort($sorted);
            self::assertSame($sorted, $budget->groups);
            self::assertEqualsWithDelta(0.05, $budget->groups[ErrorBudget::READING], 1e-12);
            self::assertSame(0.0, $budget->share('the weather'));
        }
    }
}
