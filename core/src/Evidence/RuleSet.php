<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/**
 * The rules a record was judged by: thresholds of a decision, the level at which readings disagree, and all else that
 * turns figures into verdicts. A set is never changed once a record names it; other rules get another name.
 */
enum RuleSet: string
{
    /** Out at 5 in 100 and under, holds at 95 in 100 and over; readings disagree beyond the 95 % quantile. */
    case First = 'lumbro-rules/1';

    /** @throws InvalidInput where this edition does not know the rules */
    public static function read(Node $node): self
    {
        return self::tryFrom($node->text()) ?? throw InvalidInput::because($node->path(), 'record.unknown-rules', ['rules' => InvalidInput::short($node->text())]);
    }
}
