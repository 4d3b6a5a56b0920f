<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Record\OrderJournal;
use Lumbro\Core\Record\TaskJournal;

/** All that a screen or a report needs of a record, as facts: the one door to them, for the web application and the command line. */
final class RecordFacts
{
    /** Parts that a sensor's task has. */
    public const OF_TASK = ['task', 'survey', 'schools', 'readingPlan', 'stakeOut'];

    /** @return array<string, mixed> the repair order as its own screen shows it (openapi.yaml, "Order") */
    public static function order(OrderJournal $journal): array
    {
        return OrderStateDocument::write($journal);
    }

    /**
     * @param string $part one of OF_TASK: the workspace, what the survey says of itself, the ways to measure, what they would come to, the sheet to lay the spot out by
     *
     * @return array<string, mixed> (openapi.yaml, "Workspace", "Survey", "SchoolChoices", "ReadingPlan" and "StakeOut")
     */
    public static function ofTask(string $part, TaskJournal $journal): array
    {
        return match ($part) {
            'task' => TaskStateDocument::write($journal),
            'survey' => SurveyDocument::write($journal->state()->context, $journal->state()->setUp),
            'schools' => SchoolsDocument::write($journal->context(), $journal->plan()),
            'readingPlan' => ReadingPlanDocument::write($journal->context(), $journal->plan()),
            'stakeOut' => StakeOutDocument::write($journal->context(), $journal->plan()),
            default => throw new \LogicException("$part is no part of a task."),
        };
    }
}
