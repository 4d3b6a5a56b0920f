<?php

declare(strict_types=1);

namespace Lumbro\Core\Decision;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Survey\Judgement;

/**
 * The rules a record was judged by: thresholds of a decision, the level at which readings disagree, and all else that
 * turns figures into verdicts. A set is never changed once a record names it; other rules get another name.
 */
enum RuleSet: string
{
    /** Out at 5 in 100 and under, holds at 95 in 100 and over; readings disagree beyond the 95 % quantile; the survey is a plan. */
    case First = 'lumbro-rules/1';

    /** Readings disagree beyond the 99 % quantile or where one stands out; the survey is in space, and what could hide a slip does not hold. */
    case Second = 'lumbro-rules/2';

    /** As the second; and what the order's record says bars the run: covers off, what is open, statements that contradict, a spot where nothing can stand. */
    case Third = 'lumbro-rules/3';

    /** Those of records that are made now. */
    public const NOW = self::Third;

    /** @throws InvalidInput where this edition does not know the rules */
    public static function read(Node $node): self
    {
        return self::tryFrom($node->text()) ?? throw InvalidInput::because($node->path(), 'record.unknown-rules', ['rules' => InvalidInput::short($node->text())]);
    }

    /** When readings contradict each other. */
    public function judgement(): Judgement
    {
        return $this === self::First ? Judgement::first() : Judgement::at();
    }

    /** Whether heights belong to the survey, and a slip that would not show counts against it (maths, sections 2.1 and 2.2). */
    public function isInSpace(): bool
    {
        return $this !== self::First;
    }

    /** Whether what the order's record says of covers, captures, questions and places counts against a run (need J42). */
    public function weighsStatements(): bool
    {
        return $this === self::Third;
    }
}
