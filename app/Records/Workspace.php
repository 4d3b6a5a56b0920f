<?php

declare(strict_types=1);

namespace App\Records;

use Lumbro\Core\Facts\RecordFacts;

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
            'seal' => $file->isSealed() ? ['hash' => $file->row->hash, 'at' => $file->row->sealed_at] : null,
            'simulated' => $file->row->scenario !== null,
            'pair' => self::pair($file),
            'tool' => match (true) {
                $file->row->scenario !== null => 'simulated',
                $file->hasToolLog() => 'log',
                default => 'none',
            },
            ...RecordFacts::ofTask('task', $file->journal),
        ];
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
