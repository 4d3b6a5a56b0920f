<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;

/**
 * Which figure of a car to measure next (need J41): each that is not known well is taken for measured in turn, and the
 * set-up's uncertainty worked out again with the target on its spot and every reading of the plan read as it should.
 */
final class NextFigure
{
    /** A figure measured here is known so well, mm, standard. */
    public const MEASURED = 3.0;

    /** What buys less is not seen on the screen and not worth a walk, degrees. */
    private const WORTH = 0.005;

    /**
     * The figures worth measuring for one sensor, the one that buys most first; none where the sheet stands for itself.
     *
     * @return list<FigureGain>
     */
    public static function of(TaskContext $context, MeasuringPlan $plan): array
    {
        $sheet = $context->sheet;
        if (! $sheet->isGrown()) {
            return [];
        }
        $now = self::reach($context, $plan);
        $gains = [];
        foreach (self::open($sheet, $context->sensor) as $figure => $value) {
            $then = self::reach($context->at($sheet->measured($figure, $value, self::MEASURED)), $plan);
            $gain = null;
            foreach ($now as $axis => $uncertainty) {
                $one = new FigureGain($figure, $axis, $uncertainty, $then[$axis] ?? $uncertainty);
                $gain = $gain === null || $one->buys() > $gain->buys() ? $one : $gain;
            }
            if ($gain !== null && $gain->buys() > self::WORTH) {
                $gains[] = $gain;
            }
        }
        usort($gains, static fn(FigureGain $a, FigureGain $b): int => $b->buys() <=> $a->buys());

        return $gains;
    }

    /** @return array<string, float> figure that is known worse than it could be measured → its value, mm */
    private static function open(VehicleSheet $sheet, CarSensor $sensor): array
    {
        $open = [];
        foreach (VehicleSheet::MEASURABLE as $figure) {
            if ($sheet->sOf($figure) > 1.5 * self::MEASURED) {
                $open[$figure] = $sheet->figure($figure);
            }
        }
        foreach (CarSensor::COORDINATES as $coordinate) {
            if ($sensor->sOf($coordinate) > 1.5 * self::MEASURED) {
                $open["$sensor->id.$coordinate"] = $sensor->at($coordinate);
            }
        }

        return $open;
    }

    /** @return array<string, float> axis → the set-up's standard uncertainty, degrees */
    private static function reach(TaskContext $context, MeasuringPlan $plan): array
    {
        $reach = [];
        foreach (SetUpBudget::of($context, Prospects::nominalSetUp($context, $plan)) as $budget) {
            $reach[$budget->axis] = $budget->setUp;
        }

        return $reach;
    }
}
