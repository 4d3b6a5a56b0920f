<?php

declare(strict_types=1);

namespace App\Records;

use Lumbro\Core\Document\TaskStateDocument;

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
            'tool' => match (true) {
                $file->row->scenario !== null => 'simulated',
                $file->hasToolLog() => 'log',
                default => 'none',
            },
            ...TaskStateDocument::write($file->state()),
        ];
    }
}
