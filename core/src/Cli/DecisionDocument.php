<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Decision\Decision;
use Lumbro\Core\Decision\Thresholds;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** The JSON form of a decision (formats, "decide"). */
final class DecisionDocument
{
    /** @throws InvalidInput naming the field that is missing, unknown or wrong (schemas, "decide") */
    public static function decide(Node $node): Decision
    {
        $f = $node->fields(['deviation', 'uncertainty', 'tolerance'], ['thresholds']);

        return Decision::about(
            $f['deviation']->number(),
            $f['uncertainty']->notNegative(),
            $f['tolerance']->notNegative(),
            Thresholds::read($f['thresholds'] ?? null),
        );
    }
}
