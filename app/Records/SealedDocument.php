<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Shop;
use App\Models\User;
use Lumbro\Core\Document\BayDocument;
use Lumbro\Core\Document\KitDocument;
use Lumbro\Core\Document\OrderEntryDocument;
use Lumbro\Core\Document\RecordDocument;
use Lumbro\Core\Document\TaskStateDocument;
use Lumbro\Core\Document\VehicleDocument;
use Lumbro\Core\Intake\OrderEntry;
use Lumbro\Core\Record\Entry;
use Lumbro\Core\Version;

/** Everything of a task as it is sealed: what it rested on, all that was recorded, and what came of it. */
final class SealedDocument
{
    /**
     * @param array{name: string, reason: string}|null $handover
     *
     * @return array<string, mixed>
     */
    public static function record(TaskFile $file, User $user, string $now, ?array $handover): array
    {
        return [
            'shop' => Shop::query()->findOrFail($user->shop_id)->name,
            'order' => ['number' => $file->row->number, 'vehicle' => $file->row->vehicle, 'plate' => $file->row->plate],
            'sealedBy' => $user->name,
            'sealedAt' => $now,
            'handover' => $handover,
            'basis' => [
                'core' => Version::NUMBER,
                'card' => json_decode($file->row->card, false, 64, JSON_THROW_ON_ERROR),
                'sensor' => $file->context->sensor->id,
                'vehicle' => VehicleDocument::write($file->context->sheet),
                'kit' => KitDocument::write($file->context->kit),
                'bay' => BayDocument::write($file->context->bay),
                'operations' => $file->context->operations,
                'policy' => (array) $file->state()->run->policy,
                'earlierLevels' => $file->context->earlierLevels,
                'order' => array_map(static fn(OrderEntry $entry): array => [
                    'id' => $entry->id,
                    'person' => $entry->person,
                    'at' => $entry->at,
                    ...OrderEntryDocument::write($entry),
                ], $file->order->entries),
            ],
            'entries' => array_map(static fn(Entry $entry): array => [
                'id' => $entry->id,
                'person' => $entry->person,
                'at' => $entry->at,
                ...RecordDocument::write($entry),
            ], $file->entries),
            'result' => TaskStateDocument::write($file->state()),
        ];
    }
}
