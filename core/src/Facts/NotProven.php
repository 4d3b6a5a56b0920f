<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Work\TaskState;

/** What a record cannot prove, in sentences, to stand beside what it does (need J34). */
final class NotProven
{
    /** @return list<string> */
    public static function of(TaskState $state): array
    {
        $said = [];
        $last = $state->lastRun();
        $finding = $state->run->finding;
        if ($last === null) {
            $said[] = 'The axis was not read.';
        } elseif ($finding === null) {
            $said[] = 'That the axis is inside its limits: it was not read since it was corrected.';
        } elseif ($finding->verdict() !== Verdict::Holds) {
            $said[] = 'That the axis is inside its limits.';
        }
        if ($last?->release !== null) {
            $said[] = sprintf('The set-up of the last run: the run was released by %s although it was barred.', $last->release->name);
        }
        if (! $state->context->card->isChecked()) {
            $said[] = 'That the procedure card\'s values are right: no second person has checked it.';
        }
        if ($finding?->readings === 1) {
            $said[] = 'That the reading repeats: it was taken once.';
        }
        $zero = $state->run->zeroSum();
        if ($zero->azimuth !== 0.0 || $zero->elevation !== 0.0) {
            $said[] = sprintf(
                'Where the sensor itself looks: electronic zeros of %.2f° in azimuth and %.2f° in elevation stand between its mounting and what it reports.',
                abs($zero->azimuth),
                abs($zero->elevation),
            );
        }
        if ($finding?->basis === 'zero') {
            $said[] = 'By a reading after it: a zero makes the next reading nought whatever the axis is. The readings before it carry the proof.';
        }
        foreach ($state->context->order->overdue ?? [] as $instrument) {
            $said[] = sprintf('What rests on %s: its check is overdue.', $instrument);
        }
        if ($state->plan->floor->from === 'stated') {
            $said[] = sprintf('The floor: it was not surveyed, and ±%.1f mm was allowed for it.', $state->plan->floor->s);
        }
        $items = [...$state->context->preparation, ...$state->plan->lineSteps()];
        foreach ($items as $item) {
            $answer = $state->answers[$item->id] ?? null;
            $sentence = self::answer($item, $answer);
            if ($sentence !== null) {
                $said[] = $sentence;
            }
        }
        $said[] = 'How the car drives: a reading at a target says nothing of the road.';

        return $said;
    }

    private static function answer(PreparationItem $item, ?Answered $answer): ?string
    {
        return match ($answer?->answer) {
            AnswerKind::Yes => null,
            AnswerKind::OnWord => sprintf('“%s”: on the word of %s.', $item->question, $answer->word ?? 'somebody'),
            AnswerKind::No => sprintf('“%s”: it was not so.', $item->question),
            default => sprintf('“%s”: not checked.', $item->question),
        };
    }
}
