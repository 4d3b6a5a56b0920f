<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Support\Facades\DB;
use Lumbro\Core\Facts\OwedWork;
use Lumbro\Core\Intake\Closing;

/** What an order still owes, kept beside it: a day is planned without opening every record. */
final class OrderWork
{
    /**
     * @param array<string, TaskFile> $open task → its file, of those that can be worked on
     *
     * @return string JSON
     */
    public static function of(OrderFile $file, array $open, Closing $closing): string
    {
        $state = $file->state();
        $sensors = [];
        foreach ($file->tasks as $task) {
            $owed = OwedWork::sensor($file->journal, $task->sensor, ($open[(string) $task->id] ?? null)?->journal, $task->hash !== null);
            if ($owed !== null) {
                $sensors[$task->sensor] = ['task' => $task->id, 'owed' => $owed];
            }
        }

        return json_encode([
            ...OwedWork::order($file->journal, $closing),
            'promised' => $state->record->hour('promised'),
            'ready' => $state->record->hour('ready'),
            'sensors' => (object) $sensors,
        ], JSON_THROW_ON_ERROR);
    }

    /** The part of one sensor alone, after something was written at its task. */
    public static function refresh(TaskFile $file): void
    {
        $owed = OwedWork::sensor($file->order->journal, $file->row->sensor, $file->journal, $file->isSealed());
        if ($owed === null) {
            DB::update("update repair_orders set work = work #- array['sensors', ?] where shop_id = ? and id = ?", [$file->row->sensor, $file->row->shop_id, $file->row->order_id]);
        } else {
            DB::update(
                "update repair_orders set work = jsonb_set(work, array['sensors', ?], ?::jsonb) where shop_id = ? and id = ?",
                [$file->row->sensor, json_encode(['task' => $file->row->id, 'owed' => $owed], JSON_THROW_ON_ERROR), $file->row->shop_id, $file->row->order_id],
            );
        }
    }
}
