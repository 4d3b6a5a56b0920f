<?php

declare(strict_types=1);

namespace App\Reports;

use App\Models\Shop;
use App\Photos\PhotoStore;
use App\Records\Moment;
use App\Records\OrderFile;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Evidence\Archive;
use Lumbro\Core\Evidence\Seal;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\OrderLineDocument;
use Lumbro\Core\Journal\PhotoAdded;

/** An order as one file for another installation. */
final class OrderArchive
{
    /** With more photos than this another installation would refuse the file; the rest is handed over by itself, bytes. */
    private const FILES = 12_000_000;

    public static function of(OrderFile $file): string
    {
        $records = [];
        foreach ($file->tasks as $task) {
            foreach (DB::table('sealed_records')->where('shop_id', $file->row->shop_id)->where('sensor_task_id', $task->id)->orderBy('revision')->pluck('record') as $record) {
                $decoded = json_decode((string) $record, false, 128, JSON_THROW_ON_ERROR);
                $records[] = Seal::of($decoded)->document($decoded);
            }
        }
        [$photos, $files] = self::photos($file);

        return json_encode(Archive::document(
            [
                'shop' => Shop::query()->findOrFail($file->row->shop_id)->name,
                'number' => $file->row->number,
                'vehicle' => $file->row->vehicle,
                'plate' => $file->row->plate,
                'vin' => $file->row->vin,
                'openedAt' => Moment::read($file->row->created_at),
            ],
            $records,
            $photos,
            array_map(static fn(OrderLine $entry): array => ['id' => $entry->id, 'person' => $entry->person, 'at' => $entry->at, ...OrderLineDocument::write($entry)], $file->entries),
            $files,
        ), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) . "\n";
    }

    /** @return array{list<array<string, mixed>>, array<string, string>} what the photos are, and the bytes of as many as fit */
    private static function photos(OrderFile $file): array
    {
        $rows = DB::table('photos')->where('shop_id', $file->row->shop_id)->where('repair_order_id', $file->row->id)->get(['id', 'hash', 'type'])->keyBy('id');
        $photos = [];
        $files = [];
        $size = 0;
        foreach ($file->state()->record->photos as $added) {
            $row = $rows[$added->photo] ?? null;
            if ($row === null) {
                continue;
            }
            $photos[] = self::photo($added, $row);
            $bytes = isset($files[$row->hash]) ? null : PhotoStore::read($row->hash, false);
            if ($bytes !== null && $size + strlen($bytes) <= self::FILES) {
                $files[$row->hash] = $bytes;
                $size += strlen($bytes);
            }
        }

        return [$photos, $files];
    }

    /** @return array<string, mixed> */
    private static function photo(PhotoAdded $added, \stdClass $row): array
    {
        return ['id' => $added->photo, 'hash' => $row->hash, 'about' => $added->about, 'sensor' => $added->sensor, 'type' => $row->type, 'person' => $added->person, 'at' => $added->at];
    }
}
