<?php

declare(strict_types=1);

namespace Lumbro\Core\Work;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Run\RunState;
use Lumbro\Core\SetUp\SetUp;
use Lumbro\Core\SetUp\SiteFloor;
use Lumbro\Core\SetUp\TaskContext;

/** How far each stage has come: "hollow", "half", "full" or "struck" (not needed), with a note on it. */
final class StageBoard
{
    /** @return list<array{id: string, state: string, note: Message|null}> */
    public static function of(TaskState $state): array
    {
        $board = [];
        foreach (Stage::cases() as $stage) {
            [$how, $note] = match ($stage) {
                Stage::Intake => ['full', match ($state->owed->state) {
                    OwedState::Owed => Message::of('note.owed-by', ['route' => $state->owed->route === null ? Message::of('note.no-route') : Message::of('route.' . $state->owed->route->code())]),
                    OwedState::NotOwed => Message::of('note.not-owed'),
                    OwedState::Unknown => Message::of('note.question-open'),
                }],
                Stage::Prepare => self::questions($state->context->preparation, $state->answers),
                Stage::Floor => self::floor($state->context, $state->plan->floor),
                Stage::Line => self::questions($state->plan->lineSteps(), $state->answers),
                Stage::Place => self::place($state->setUp),
                Stage::Run => self::run($state->run, count($state->runs), $state->mayRun()),
                Stage::Prove => self::prove($state->run, $state->runs !== []),
                Stage::Close => ['hollow', null],
            };
            $board[] = ['id' => $stage->value, 'state' => $how, 'note' => $note];
        }

        return $board;
    }

    /**
     * @param list<PreparationItem>   $items
     * @param array<string, Answered> $answers
     *
     * @return array{string, Message|null}
     */
    private static function questions(array $items, array $answers): array
    {
        [$open, $word] = [0, 0];
        $unmet = 0;
        foreach ($items as $item) {
            $answer = ($answers[$item->id] ?? null)?->answer;
            $open += $answer === null ? 1 : 0;
            $word += $answer === AnswerKind::OnWord ? 1 : 0;
            $unmet += $answer !== null && ! $answer->isMet() ? 1 : 0;
        }
        if ($open > 0) {
            return [$open === count($items) ? 'hollow' : 'half', Message::of('note.of', ['done' => count($items) - $open, 'all' => count($items)])];
        }

        return match (true) {
            $unmet > 0 => ['half', Message::of('note.not-met', ['count' => $unmet])],
            $word > 0 => ['full', Message::of('note.on-word', ['count' => $word])],
            default => ['full', Message::of('note.done')],
        };
    }

    /** @return array{string, Message|null} */
    private static function floor(TaskContext $context, SiteFloor $floor): array
    {
        $places = SiteFloor::places($context);
        $read = count(array_intersect($places, array_keys($context->order->floor ?? [])));

        return match (true) {
            $floor->from === 'readings' => ['full', Message::of('note.surveyed', ['s' => Quantity::mm($floor->s, 1)])],
            $read > 0 => ['half', Message::of('note.of', ['done' => $read, 'all' => count($places)])],
            default => ['struck', Message::of('note.not-surveyed', ['s' => Quantity::mm($floor->s, 1)])],
        };
    }

    /** @return array{string, Message|null} */
    private static function place(SetUp $setUp): array
    {
        $calls = count($setUp->plan->calls());
        $taken = count($setUp->readings);
        if ($setUp->isConsistent() === false) {
            return ['half', Message::of('note.readings-disagree')];
        }

        return [
            $taken === 0 ? 'hollow' : ($setUp->holds() ? 'full' : 'half'),
            $setUp->holds() ? Message::of('note.holds') : Message::of('note.of', ['done' => $taken, 'all' => $calls]),
        ];
    }

    /** @return array{string, Message|null} */
    private static function prove(RunState $run, bool $wasRead): array
    {
        $log = $run->log;

        return match (true) {
            $log->sentBack !== null => ['struck', Message::of('note.sent-back')],
            $log->accepted !== null => ['half', Message::of('note.accepted')],
            $run->isProven() => ['full', Message::of('note.axis-holds')],
            $run->finding === null => $wasRead ? ['half', Message::of('note.read-again')] : ['hollow', null],
            default => ['half', match ($run->finding->verdict()) {
                Verdict::Holds => Message::of('note.repeat'),
                Verdict::Out => Message::of('note.axis-out'),
                Verdict::Unproven => Message::of('note.unproven'),
            }],
        };
    }

    /** @return array{string, Message|null} */
    private static function run(RunState $run, int $readings, bool $mayRun): array
    {
        $log = $run->log;

        return match (true) {
            $log->pending !== null => ['half', Message::of('note.no-answer')],
            $log->trouble !== null => ['half', Message::of('note.failed')],
            $readings > 0 && $run->routine->next() === null => ['full', Message::of('note.readings', ['count' => $readings])],
            $log->done !== [] => ['half', Message::of('note.steps', ['done' => count($log->done), 'all' => count($run->routine->steps)])],
            default => ['hollow', $mayRun ? Message::of('note.may-start') : Message::of('note.barred')],
        };
    }
}
