<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Axis\AxisReading;
use Lumbro\Core\Axis\AxisVerdict;
use Lumbro\Core\Axis\PlacementError;
use Lumbro\Core\Decision\Thresholds;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** The JSON form of axis verdicts (formats, "axis"). */
final class AxisDocument
{
    private const AXES = ['azimuth', 'elevation'];

    /** @return array<string, mixed> */
    public static function axis(Node $node): array
    {
        $f = $node->fields(['reading'], ['reported', 'placementFree', 'thresholds', 'placement', 'limits', 'hiddenLimit']);
        $reading = $f['reading']->fields(['s'], [...self::AXES, 'n', 'bias']);
        if (array_intersect_key($reading, array_flip(self::AXES)) === []) {
            throw InvalidInput::because($f['reading']->path(), 'axis.no-axis');
        }
        $targetAngle = isset($f['reported']) && $f['reported']->oneOf(['misalignment', 'targetAngle']) === 'targetAngle';
        $placement = isset($f['placement']) ? $f['placement']->fields([], self::AXES) : [];
        $limits = isset($f['limits']) ? $f['limits']->fields([], self::AXES) : [];
        $thresholds = Thresholds::read($f['thresholds'] ?? null);
        $free = [];
        foreach (isset($f['placementFree']) ? $f['placementFree']->items() : [] as $axis) {
            $free[] = $axis->oneOf(self::AXES);
        }
        $s = AxisReading::together(
            $reading['s']->notNegative(),
            isset($reading['n']) ? self::count($reading['n']) : 1,
            isset($reading['bias']) ? $reading['bias']->notNegative() : 0.0,
        );
        $hiddenLimits = isset($f['hiddenLimit']) ? $f['hiddenLimit']->fields([], self::AXES) : [];
        $written = [];
        foreach (self::AXES as $axis) {
            if (! isset($reading[$axis])) {
                continue;
            }
            $degrees = $reading[$axis]->number();
            $written[$axis] = AxisVerdict::of(
                $targetAngle ? AxisReading::targetAngle($degrees, $s) : AxisReading::misalignment($degrees, $s),
                isset($placement[$axis]) ? self::error($placement[$axis]) : null,
                isset($limits[$axis]) ? $limits[$axis]->notNegative() : null,
                in_array($axis, $free, true),
                $thresholds,
                isset($hiddenLimits[$axis]) ? $hiddenLimits[$axis]->notNegative() : null,
            )->facts();
        }

        return $written;
    }

    /** How many readings: a whole number from 1. */
    private static function count(Node $node): int
    {
        $n = $node->number();

        return $n >= 1 && $n === floor($n) && $n <= 1e6 ? (int) $n : throw InvalidInput::because($node->path(), 'axis.count');
    }

    private static function error(Node $node): PlacementError
    {
        $f = $node->fields(['deviation', 'uncertainty'], ['hidden']);
        $hidden = isset($f['hidden']) && $f['hidden']->raw() !== null ? $f['hidden']->notNegative() : null;

        return new PlacementError($f['deviation']->number(), $f['uncertainty']->notNegative(), $hidden);
    }
}
