<?php

declare(strict_types=1);

namespace App\Records;

/** What a task's record rests on besides its lines, as sealed records and devices that carry the task on have it. */
final class RecordBasis
{
    /** @return array<string, mixed> (core/schemas/state.json, "basis") */
    public static function of(TaskFile $file): array
    {
        $cards = [];
        foreach ($file->order->tasks as $task) {
            $cards[$task->sensor] = $task->card === null ? null : Stored::decoded($task->card);
        }

        return [
            'sensor' => $file->context()->sensor->id,
            'today' => $file->order->journal->context->today,
            'vehicle' => Stored::decoded($file->order->row->sheet),
            'cards' => (object) $cards,
            'rules' => Stored::decoded(ShopFloor::rules($file->order->row)),
            'register' => Stored::decoded(ShopFloor::register($file->order->row)),
            'bay' => Stored::decoded($file->order->row->bay),
            'earlierLevels' => $file->context()->earlierLevels,
            'lessons' => Lessons::ofOrder($file->order->row, $file->order->tasks),
        ];
    }
}
