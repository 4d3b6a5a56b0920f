<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Exercise\BestPlay;
use Lumbro\Core\Exercise\FaultKind;
use Lumbro\Core\Exercise\Hands;
use Lumbro\Core\Exercise\Told;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ReadingStruck;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Journal\StandMoved;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Practice\Scenario;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Work\TaskStanding;

/** The best plan of readings for a simulated car, step by step, as a JSON document. */
final class ReplayDocument
{
    /**
     * @param TaskContext $context as it was when the learner began
     * @param list<Line>  $begun   what stood in the record then
     *
     * @return array<string, mixed> (openapi.yaml, "Replay")
     */
    public static function write(TaskContext $context, Scenario $truth, array $begun): array
    {
        $best = BestPlay::of($context, $truth, $begun);
        // The floor was read somewhere in between; it is drawn as known from the first step on.
        $known = $best->player->state()->context;
        $frames = [];
        $lines = $begun;
        $told = [];
        foreach (array_slice($best->player->hands->entries, count($begun)) as $entry) {
            $lines[] = $entry;
            $hands = new Hands($known, $truth, $lines);
            $said = self::said($hands, $entry);
            if ($said === null) {
                continue;
            }
            $now = Told::by($hands);
            $new = array_values(array_filter($now, static fn(FaultKind $kind): bool => ! in_array($kind, $told, true)));
            $told = [...$told, ...$new];
            $frames[] = self::frame($hands, $entry, $said, $new);
        }

        return [
            'tried' => $best->tried,
            'minutes' => round($best->minutes, 1),
            'method' => $best->score->method(),
            'result' => $best->score->result(),
            'staffs' => count($known->order->floor ?? []),
            'frames' => $frames,
        ];
    }

    /** What was done; null for what only belongs to the step before it. */
    private static function said(TaskStanding $task, Line $entry): Message|string|null
    {
        $state = $task->state();
        if ($entry instanceof ReadingTaken) {
            return $state->plan->titled($entry->call);
        }
        if ($entry instanceof StandMoved) {
            return Message::of('replay.moved');
        }
        if ($entry instanceof Answered) {
            foreach ($state->context->preparation as $asked) {
                if ($asked->id === $entry->item) {
                    return Message::of('replay.looked', ['question' => $asked->question]);
                }
            }
        }
        if ($entry instanceof ReadingStruck) {
            return Message::of('replay.struck');
        }
        $back = $state->context->sensor->looksBack();
        // An answer is told by what was asked before it.
        $now = RunEvents::of($state->entries, $state->run->routine, $back);
        $before = RunEvents::of(array_slice($state->entries, 0, -1), $state->run->routine, $back);

        return count($now) > count($before) ? $now[count($now) - 1]['says'] : null;
    }

    /**
     * @param list<FaultKind> $new
     *
     * @return array<string, mixed>
     */
    private static function frame(TaskStanding $task, Line $entry, Message|string $said, array $new): array
    {
        $setUp = $task->state()->setUp;
        $error = $setUp->azimuthError();

        return [
            'says' => $said,
            'typed' => $entry instanceof ReadingTaken ? $entry->typed : null,
            'azimuth' => $error === null ? null : ['deviation' => $error->deviation, 'uncertainty' => $error->uncertainty],
            'consistent' => $setUp->isConsistent(),
            'guarded' => $setUp->isPlaced() && $setUp->isGuarded(),
            'shows' => array_map(static fn(FaultKind $kind): Message => $kind->said(), $new),
            'plan' => PlanDrawing::of($task->state()->context, $setUp),
        ];
    }
}
