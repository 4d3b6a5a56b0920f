<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\SetUp\SiteFloor;
use Lumbro\Core\Work\Stage;
use Lumbro\Core\Work\TaskState;

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
                Stage::Prepare => self::questions($state, $state->context->preparation),
                Stage::Floor => self::floor($state),
                Stage::Line => self::questions($state, $state->plan->lineSteps()),
                Stage::Place => self::place($state),
                Stage::Run => self::run($state),
                Stage::Prove => self::prove($state),
                Stage::Close => ['hollow', null],
            };
            $board[] = ['id' => $stage->value, 'state' => $how, 'note' => $note];
        }

        return $board;
    }

    /**
     * @param list<PreparationItem> $items
     *
     * @return array{string, Message|null}
     */
    private static function questions(TaskState $state, array $items): array
    {
        $open = count($state->unanswered($items));
        $word = 0;
        $unmet = 0;
        foreach ($items as $item) {
            $answer = ($state->answers[$item->id] ?? null)?->answer;
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
    private static function floor(TaskState $state): array
    {
        $floor = $state->plan->floor;
        $places = SiteFloor::places($state->context);
        $read = count(array_intersect($places, array_keys($state->context->order->floor ?? [])));

        return match (true) {
            $floor->from === 'readings' => ['full', Message::of('note.surveyed', ['s' => Quantity::mm($floor->s, 1)])],
            $read > 0 => ['half', Message::of('note.of', ['done' => $read, 'all' => count($places)])],
            default => ['struck', Message::of('note.not-surveyed', ['s' => Quantity::mm($floor->s, 1)])],
        };
    }

    /** @return array{string, Message|null} */
    private static function place(TaskState $state): array
    {
        $calls = count($state->plan->calls());
        $taken = count($state->setUp->readings);
        if ($state->setUp->isConsistent() === false) {
            return ['half', Message::of('note.readings-disagree')];
        }

        return [
            $taken === 0 ? 'hollow' : ($state->setUp->holds() ? 'full' : 'half'),
            $state->setUp->holds() ? Message::of('note.holds') : Message::of('note.of', ['done' => $taken, 'all' => $calls]),
        ];
    }

    /** @return array{string, Message|null} */
    private static function prove(TaskState $state): array
    {
        $log = $state->run->log;

        return match (true) {
            $log->sentBack !== null => ['struck', Message::of('note.sent-back')],
            $log->accepted !== null => ['half', Message::of('note.accepted')],
            $state->run->isProven() => ['full', Message::of('note.axis-holds')],
            $state->run->finding === null => [$state->runs === [] ? 'hollow' : 'half', $state->runs === [] ? null : Message::of('note.read-again')],
            default => ['half', match ($state->run->finding->verdict()) {
                Verdict::Holds => Message::of('note.repeat'),
                Verdict::Out => Message::of('note.axis-out'),
                Verdict::Unproven => Message::of('note.unproven'),
            }],
        };
    }

    /** @return array{string, Message|null} */
    private static function run(TaskState $state): array
    {
        $log = $state->run->log;

        return match (true) {
            $log->pending !== null => ['half', Message::of('note.no-answer')],
            $log->trouble !== null => ['half', Message::of('note.failed')],
            $state->runs !== [] && $state->run->routine->next() === null => ['full', Message::of('note.readings', ['count' => count($state->runs)])],
            $log->done !== [] => ['half', Message::of('note.steps', ['done' => count($log->done), 'all' => count($state->run->routine->steps)])],
            default => ['hollow', $state->mayRun() ? Message::of('note.may-start') : Message::of('note.barred')],
        };
    }
}
