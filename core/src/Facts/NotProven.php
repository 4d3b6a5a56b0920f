<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Run\RunResult;
use Lumbro\Core\Run\RunState;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\TaskContext;

/** What a record cannot prove, to stand beside what it does (need J34). */
final class NotProven
{
    /**
     * @param RunResult|null          $last    the last run; null before the first
     * @param array<string, Answered> $answers item → what was answered to it
     * @param list<string>            $aside   what was set aside of what was known beforehand: ids of the survey
     *
     * @return list<Message>
     */
    public static function of(TaskContext $context, MeasuringPlan $plan, array $answers, RunState $run, ?RunResult $last, array $aside): array
    {
        $said = [];
        $finding = $run->finding;
        if ($last === null) {
            $said[] = Message::of('not-proven.not-read');
        } elseif ($finding === null) {
            $said[] = Message::of('not-proven.not-read-since');
        } elseif ($finding->verdict() !== Verdict::Holds) {
            $said[] = Message::of('not-proven.axis');
        }
        if ($last?->release !== null) {
            $said[] = Message::of('not-proven.released', ['name' => $last->release->name]);
        }
        if (! $context->card->isChecked()) {
            $said[] = Message::of('not-proven.card');
        }
        if ($finding?->readings === 1) {
            $said[] = Message::of('not-proven.once');
        }
        $zero = $run->zeroSum();
        if ($zero->azimuth !== 0.0 || $zero->elevation !== 0.0) {
            $said[] = Message::of('not-proven.zeros', ['azimuth' => Quantity::degrees($zero->azimuth), 'elevation' => Quantity::degrees($zero->elevation)]);
        }
        if ($finding?->basis === 'zero') {
            $said[] = Message::of('not-proven.by-zero');
        }
        foreach ($context->order->overdue ?? [] as $instrument) {
            $said[] = Message::of('not-proven.overdue', ['instrument' => $instrument]);
        }
        if ($aside !== []) {
            $said[] = Message::of('not-proven.set-aside', ['figures' => array_map($plan->said(...), $aside)]);
        }
        if ($plan->floor->from === 'stated') {
            $said[] = Message::of('not-proven.floor', ['s' => Quantity::mm($plan->floor->s, 1)]);
        }
        foreach ([...$context->preparation, ...$plan->lineSteps()] as $item) {
            $answer = $answers[$item->id] ?? null;
            if ($answer?->answer !== AnswerKind::Yes) {
                $said[] = self::answer($item, $answer);
            }
        }
        $said[] = Message::of('not-proven.road');

        return $said;
    }

    private static function answer(PreparationItem $item, ?Answered $answer): Message
    {
        return match ($answer?->answer) {
            AnswerKind::OnWord => Message::of('not-proven.on-word', ['question' => $item->question, 'word' => $answer->word ?? '']),
            AnswerKind::No => Message::of('not-proven.unmet', ['question' => $item->question]),
            default => Message::of('not-proven.unchecked', ['question' => $item->question]),
        };
    }
}
