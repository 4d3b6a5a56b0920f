<?php

declare(strict_types=1);

namespace Lumbro\Core\Practice;

use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\SetUp\TaskContext;

/** What a car keeps as long as a word about it is believed: who looks for themselves puts it right. */
final class Believed
{
    /**
     * What is off as long as those words are believed.
     *
     * @param list<Line> $entries the task's record so far
     *
     * @return array<string, float> unknown → mm or degrees
     */
    public static function offsets(Scenario $scenario, TaskContext $context, array $entries): array
    {
        $offsets = $scenario->offsets;
        foreach (self::words($scenario, $context, $entries) as $word) {
            foreach ($word->offsets as $unknown => $off) {
                $offsets[$unknown] = ($offsets[$unknown] ?? 0.0) + $off;
            }
        }

        return $offsets;
    }

    /**
     * @param list<Line> $entries the task's record so far
     *
     * @return array<string, Word> precondition → whose word nobody has checked
     */
    public static function words(Scenario $scenario, TaskContext $context, array $entries): array
    {
        $answers = $context->order->answers ?? [];
        foreach ($entries as $entry) {
            if ($entry instanceof Answered) {
                $answers[$entry->item] = $entry;
            }
        }

        return array_filter($scenario->words, static fn(string $item): bool => ($answers[$item]->answer ?? null) !== AnswerKind::Yes, ARRAY_FILTER_USE_KEY);
    }
}
