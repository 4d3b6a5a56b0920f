<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Intake\Closing;
use Lumbro\Core\Intake\OrderRecord;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\Message\Message;

/** What the list of orders shows of one: made anew from its record whenever something was written to it. */
final class OrderSummary
{
    public static function refresh(OrderFile $file): void
    {
        $state = $file->state();
        $open = TaskLines::opened($file);
        $tasks = array_map(static fn(\stdClass $task): array => TaskLines::line($file, $task, $open[(string) $task->id] ?? null), $file->tasks);
        $closing = $file->closing();
        DB::table('repair_orders')->where('shop_id', $file->row->shop_id)->where('id', $file->row->id)->update([
            'summary' => json_encode(self::of($state, $tasks, $closing), JSON_THROW_ON_ERROR),
            'work' => OrderWork::of($file, $open, $closing),
            'alarm' => $state->alarms() !== [],
            'closed' => $closing->open() === [],
            'search' => self::search($file->row->number, $file->row->vehicle, $file->row->plate, $file->row->vin, self::serials($state->sheet, $state->record)),
        ]);
        self::refreshLabels($file);
    }

    /**
     * @param list<array<string, mixed>> $tasks
     *
     * @return array<string, mixed>
     */
    public static function of(OrderState $state, array $tasks, Closing $closing): array
    {
        $waits = $closing->waitsFor();

        return [
            'waits' => ['kind' => $waits->kind, 'says' => $waits->says],
            'alarms' => count($state->alarms()),
            'promised' => $state->record->hour('promised'),
            'operations' => array_values(array_map(static fn($noted): Message => $noted->operation->said($state->sheet), $state->record->operations)),
            'tasks' => array_map(self::task(...), $tasks),
        ];
    }

    /** The part of one task alone, after something was written to its own record. */
    public static function refreshTask(TaskFile $file): void
    {
        $kept = $file->order->row->summary ?? null;
        $summary = is_string($kept) ? json_decode($kept, true, 16, JSON_THROW_ON_ERROR) : null;
        if (! is_array($summary)) {
            self::refresh($file->order);

            return;
        }
        $before = $summary;
        foreach ($file->order->tasks as $i => $task) {
            if ($task->id === $file->row->id) {
                $summary['tasks'][$i] = self::task(TaskLines::line($file->order, $task, $file));
            }
        }
        OrderWork::refresh($file);
        if ($summary != $before) {
            DB::table('repair_orders')->where('shop_id', $file->row->shop_id)->where('id', $file->row->order_id)->update(['summary' => json_encode($summary, JSON_THROW_ON_ERROR)]);
        }
    }

    /** The stage a task stood in when the list was last told of it; null where it was not. */
    public static function stageOf(TaskFile $file): ?string
    {
        return self::tasks($file->order)[$file->row->id] ?? null;
    }

    /** @return array<string, string|null> task that is owed → the stage it stood in when the list was last told of it */
    public static function tasks(OrderFile $file): array
    {
        $kept = $file->row->summary ?? null;
        $summary = is_string($kept) ? json_decode($kept, true, 16, JSON_THROW_ON_ERROR) : null;
        $stages = [];
        foreach (is_array($summary) ? $summary['tasks'] ?? [] : [] as $task) {
            if (is_array($task) && is_string($task['task'] ?? null) && ($task['owed'] ?? null) !== 'not-owed') {
                $stages[$task['task']] = is_string($task['stage'] ?? null) ? $task['stage'] : null;
            }
        }

        return $stages;
    }

    /**
     * @param array<string, mixed> $task
     *
     * @return array<string, mixed>
     */
    private static function task(array $task): array
    {
        return array_intersect_key($task, array_flip(['task', 'sensor', 'name', 'owed', 'workspace', 'present', 'stage', 'verdict', 'sealed']));
    }

    /**
     * What a search looks in.
     *
     * @param list<string> $serials of the car's sensors
     */
    public static function search(string $number, string $vehicle, string $plate, ?string $vin, array $serials = []): string
    {
        return mb_strtolower(trim(implode(' ', [
            $number, $vehicle, $plate, str_replace(' ', '', $plate), ...$serials,
            // A VIN is known by its end.
            ...($vin === null ? [] : [$vin, substr($vin, -8), substr($vin, -6)]),
        ])));
    }

    /** The labels as they were captured, beside each sensor's task: that is where a part's history is found. */
    private static function refreshLabels(OrderFile $file): void
    {
        foreach ($file->tasks as $task) {
            $labels = ['serial' => self::label($file->state()->record, $task->sensor, 'serial'), 'part_number' => self::label($file->state()->record, $task->sensor, 'part-number')];
            if ($labels !== ['serial' => $task->serial ?? null, 'part_number' => $task->part_number ?? null]) {
                DB::table('sensor_tasks')->where('shop_id', $file->row->shop_id)->where('id', $task->id)->update($labels);
            }
        }
    }

    /** @return list<string> */
    private static function serials(VehicleSheet $sheet, OrderRecord $record): array
    {
        return array_values(array_filter(array_map(static fn(CarSensor $sensor): ?string => self::label($record, $sensor->id, 'serial'), $sheet->sensors)));
    }

    private static function label(OrderRecord $record, string $sensor, string $item): ?string
    {
        $value = $record->captured[$sensor][$item]->value ?? '';

        return $value === '' ? null : $value;
    }
}
