<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Axis\ShiftTest;
use Lumbro\Core\Measure\Node;

/** The JSON form of a shift test (formats, "shift"). */
final class ShiftDocument
{
    /** @return array<string, float|string> degrees */
    public static function shift(Node $node): array
    {
        $f = $node->fields(['before', 'after', 'bearingChange', 's'], ['sChange']);
        $test = ShiftTest::of(
            $f['before']->number(),
            $f['after']->number(),
            $f['bearingChange']->number(),
            $f['s']->positive(),
            isset($f['sChange']) ? $f['sChange']->notNegative() : 0.0,
        );

        return [
            'predicted' => $test->predicted,
            'observed' => $test->observed,
            'likelihoodRatio' => $test->likelihoodRatio,
            'result' => $test->result->value,
        ];
    }
}
