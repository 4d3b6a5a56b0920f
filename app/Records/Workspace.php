<?php

declare(strict_types=1);

namespace App\Records;

use App\Signing\SealBooks;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Kit\Instrument;
use Lumbro\Core\Evidence\EntryKind;
use Lumbro\Core\Facts\RecordFacts;
use Lumbro\Core\Message\Message;

/** All that the job workspace shows, in one answer. */
final class Workspace
{
    /** @return array<string, mixed> */
    public static function of(TaskFile $file): array
    {
        return [
            'task' => $file->row->id,
            'version' => $file->version,
            'sensor' => $file->row->sensor,
            'order' => [
                'id' => $file->row->order_id,
                'version' => $file->order->version,
                'number' => $file->row->number,
                'vehicle' => $file->row->vehicle,
                'plate' => $file->row->plate,
            ],
            'seal' => $file->isSealed() ? ['hash' => $file->row->hash, 'at' => $file->row->sealed_at, 'signs' => ! $file->order->row->practice, 'entry' => self::entry($file)] : null,
            'simulated' => $file->row->scenario !== null,
            'exercise' => self::exercise($file),
            'pair' => self::pair($file),
            'tool' => match (true) {
                $file->row->scenario !== null => 'simulated',
                $file->hasToolLog() => 'log',
                default => 'none',
            },
            'scanTools' => array_values(array_map(
                static fn(Instrument $tool): array => ['id' => $tool->measures->id, 'name' => $tool->measures->name, 'signs' => $tool->signs],
                array_filter($file->order->journal->context->kit->instruments, static fn(Instrument $one): bool => $one->kind === 'scan-tool'),
            )),
            'next' => $file->isSealed() ? self::next($file) : null,
            ...RecordFacts::ofTask('task', $file->journal),
        ];
    }

    /** @return array{number: int, head: string, earlier: bool}|null the entry of the shop's seal book about it; null while it is not signed */
    private static function entry(TaskFile $file): ?array
    {
        $entry = app(SealBooks::class)->of($file->row->shop_id, (string) $file->row->hash)?->entry;

        return $entry === null ? null : ['number' => $entry->number, 'head' => $entry->hash(), 'earlier' => $entry->kind === EntryKind::Earlier];
    }

    /** @return array{id: string, number: string, title: string, over: bool}|null the exercise it belongs to */
    private static function exercise(TaskFile $file): ?array
    {
        $run = $file->row->scenario === null ? null : DB::table('practice_runs')->where('shop_id', $file->row->shop_id)->where('sensor_task_id', $file->row->id)->first(['id', 'number', 'title', 'ended_at']);

        return $run instanceof \stdClass ? ['id' => $run->id, 'number' => "P-$run->number", 'title' => $run->title, 'over' => $run->ended_at !== null] : null;
    }

    /**
     * What the order waits for once this sensor is done, as the order's list has it.
     *
     * @return array{says: mixed, task: string|null}|null
     */
    private static function next(TaskFile $file): ?array
    {
        $summary = is_string($file->order->row->summary ?? null) ? json_decode($file->order->row->summary, true, 16, JSON_THROW_ON_ERROR) : null;
        if (! is_array($summary)) {
            return null;
        }
        foreach ($summary['waits']['kind'] === 'task' ? $summary['tasks'] : [] as $task) {
            if ($task['sealed'] !== true && $task['owed'] !== 'not-owed' && ($task['workspace'] ?? false) === true) {
                return ['says' => Message::of('next.sensor', ['sensor' => $task['name']]), 'task' => $task['task']];
            }
        }

        return ['says' => $summary['waits']['says'], 'task' => null];
    }

    /**
     * The other sensor of a pair, as the order's list has it.
     *
     * @return array<string, mixed>|null
     */
    private static function pair(TaskFile $file): ?array
    {
        $sensor = $file->context()->sensor;
        $summary = is_string($file->order->row->summary ?? null) ? json_decode($file->order->row->summary, true, 16, JSON_THROW_ON_ERROR) : null;
        foreach ($sensor->pair === null || ! is_array($summary) ? [] : $summary['tasks'] as $task) {
            if ($task['sensor'] === $sensor->pair) {
                return [
                    'task' => $task['task'], 'name' => $task['name'], 'verdict' => $task['verdict'] ?? null,
                    // One target serves both: the left side first (need J28).
                    'first' => $sensor->side === 'right' && $task['owed'] !== 'not-owed' && ($task['verdict'] ?? null) === null && $task['sealed'] !== true,
                ];
            }
        }

        return null;
    }
}
