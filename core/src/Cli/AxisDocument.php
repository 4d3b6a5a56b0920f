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
        $f = $node->fields(['reading'], ['reported', 'placementFree', 'thresholds', 'placement', 'limits']);
        $reading = $f['reading']->fields(['s'], self::AXES);
        if (count($reading) < 2) {
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
        $s = $reading['s']->notNegative();
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
            )->facts();
        }

        return $written;
    }

    private static function error(Node $node): PlacementError
    {
        $f = $node->fields(['deviation', 'uncertainty']);

        return new PlacementError($f['deviation']->number(), $f['uncertainty']->notNegative());
    }
}
