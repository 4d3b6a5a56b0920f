<?php

declare(strict_types=1);

namespace App\Records;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Work\StageBoard;

/** How far each sensor task of an order has come. */
final class TaskLines
{
    /** @return list<array<string, mixed>> one for each sensor of the car that has a task */
    public static function of(OrderFile $file): array
    {
        return array_map(static fn(\stdClass $task): array => self::line($file, $task, null), $file->tasks);
    }

    /** @return array<string, TaskFile> task → its own file, of those that can be worked on */
    public static function opened(OrderFile $file): array
    {
        $open = [];
        foreach ($file->tasks as $task) {
            if (self::hindrance($file, $file->journal->context->cards[$task->sensor] ?? null) === null) {
                $open[(string) $task->id] = TaskFile::within($file, $task);
            }
        }

        return $open;
    }

    /**
     * @param TaskFile|null $open the task's own file, where it is open already
     *
     * @return array<string, mixed>
     */
    public static function line(OrderFile $file, \stdClass $task, ?TaskFile $open): array
    {
        $sensor = $file->state()->sheet->sensor($task->sensor);
        $card = $file->journal->context->cards[$task->sensor] ?? null;
        $owed = $file->state()->owed[$task->sensor] ?? null;

        return [
            'task' => $task->id,
            'sensor' => $task->sensor,
            'name' => $sensor->name ?? $card->sensor->name ?? $task->sensor,
            'owed' => $owed?->state->value ?? 'unknown',
            'card' => $task->card_id,
            'sealed' => ($open === null ? $task->hash : $open->row->hash) !== null,
            ...self::work($file, $task, $card, $owed?->state, $open),
        ];
    }

    /** @return array{workspace: bool, hindrance: Message|null, present: string|null, stage: string|null, stages: list<array{id: string, state: string, note: Message|null}>, verdict: string|null} */
    private static function work(OrderFile $file, \stdClass $task, ?ProcedureCard $card, ?OwedState $owed, ?TaskFile $open): array
    {
        $hindrance = self::hindrance($file, $card);
        if ($hindrance !== null) {
            return ['workspace' => false, 'hindrance' => $hindrance, 'present' => null, 'stage' => null, 'stages' => [], 'verdict' => null];
        }
        $open ??= TaskFile::within($file, $task);
        $state = $open->state();

        return [
            'workspace' => true,
            'hindrance' => null,
            'present' => $owed === OwedState::NotOwed ? null : $state->present()->kind,
            'stage' => $open->isSealed() ? 'closed' : $state->stage()->value,
            'stages' => StageBoard::of($state),
            'verdict' => $state->run->log->sentBack !== null ? 'sent-back' : $state->run->finding?->verdict()->value,
        ];
    }

    private static function hindrance(OrderFile $file, ?ProcedureCard $card): ?Message
    {
        return match (true) {
            $card === null => Message::of('hindrance.card'),
            $file->row->bay_id === null => Message::of('hindrance.bay'),
            $file->state()->kit() === null => Message::of('hindrance.kit'),
            default => null,
        };
    }
}
