<?php

declare(strict_types=1);

namespace Lumbro\Core\Document;

use Lumbro\Core\Decision\Decision;
use Lumbro\Core\Decision\Thresholds;
use Lumbro\Core\Failure\InvalidInput;

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
            self::thresholds($f['thresholds'] ?? null),
        );
    }

    /** The shop's thresholds, or the usual ones where a document gives none. */
    public static function thresholds(?Node $node): Thresholds
    {
        if ($node === null) {
            return new Thresholds();
        }
        [$out, $holds] = $node->items(2);

        return new Thresholds($out->number(), $holds->number(), $node->path());
    }

    /** @return array<string, mixed> */
    public static function write(Decision $decision): array
    {
        $written = ['probability' => $decision->probability, 'verdict' => $decision->verdict->value];

        return $decision->reason === null ? $written : [...$written, 'reason' => $decision->reason];
    }
}
