<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Axis\InclinometerElevation;
use Lumbro\Core\Axis\PlacementError;
use Lumbro\Core\Axis\PlateElevation;
use Lumbro\Core\Axis\ReflectorElevation;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** The JSON form of what the set-up does to an elevation reading (formats, "elevation"). */
final class ElevationDocument
{
    /** @return array<string, float> degrees */
    public static function elevation(Node $node): array
    {
        $via = $node->member('via') ?? throw InvalidInput::missing($node->path(), 'via');
        $error = match ($via->oneOf(['reflector', 'plate', 'inclinometer'])) {
            'reflector' => self::reflector($node),
            'plate' => self::plate($node),
            default => self::inclinometer($node),
        };

        return ['deviation' => $error->deviation, 'uncertainty' => $error->uncertainty];
    }

    private static function reflector(Node $node): PlacementError
    {
        $f = $node->fields(['via', 'range', 'target', 'sensor'], ['sRange']);
        $target = $f['target']->fields(['measured', 'required', 's'], ['sRequired']);
        $sensor = $f['sensor']->fields(['measured', 'design', 's']);

        return ReflectorElevation::error(
            $target['measured']->number() - $target['required']->number(),
            $target['s']->notNegative(),
            $sensor['measured']->number() - $sensor['design']->number(),
            $sensor['s']->notNegative(),
            $f['range']->positive(),
            isset($f['sRange']) ? $f['sRange']->notNegative() : 0.0,
            isset($target['sRequired']) ? $target['sRequired']->notNegative() : 0.0,
        );
    }

    private static function plate(Node $node): PlacementError
    {
        $f = $node->fields(['via', 'tilt', 'sTilt'], ['grade']);

        return PlateElevation::error($f['tilt']->number(), $f['sTilt']->notNegative(), ...self::grade($f['grade'] ?? null));
    }

    private static function inclinometer(Node $node): PlacementError
    {
        $f = $node->fields(['via'], ['grade']);

        return InclinometerElevation::error(...self::grade($f['grade'] ?? null));
    }

    /**
     * A grade left out is one known to be zero: a floor that was not surveyed is stated with its uncertainty.
     *
     * @return array{float, float} value and standard uncertainty, degrees
     */
    private static function grade(?Node $node): array
    {
        if ($node === null) {
            return [0.0, 0.0];
        }
        $f = $node->fields(['value', 'uncertainty']);

        return [$f['value']->number(), $f['uncertainty']->notNegative()];
    }
}
