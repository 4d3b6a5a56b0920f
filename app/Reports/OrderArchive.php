<?php

declare(strict_types=1);

namespace App\Reports;

use App\Models\Shop;
use App\Photos\PhotoStore;
use App\Records\Moment;
use App\Records\OrderEvidence;
use App\Records\OrderFile;
use App\Signing\SealBooks;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Evidence\Archive;
use Lumbro\Core\Evidence\Seal;
use Lumbro\Core\Evidence\SealedRecord;
use Lumbro\Core\Evidence\SignedEntry;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Measure\Node;

/** An order as one file for another installation. */
final class OrderArchive
{
    /** With more photos than this another installation would refuse the file; the rest is handed over by itself, bytes. */
    private const FILES = 36_000_000;

    public static function of(OrderFile $file, SealBooks $books): string
    {
        $shop = $file->row->shop_id;
        $records = [];
        foreach ($file->tasks as $task) {
            foreach (DB::table('sealed_records')->where('shop_id', $file->row->shop_id)->where('sensor_task_id', $task->id)->orderBy('revision')->pluck('record') as $record) {
                $decoded = json_decode((string) $record, false, 128, JSON_THROW_ON_ERROR);
                $records[] = Seal::of($decoded)->document($decoded, SealedRecord::edition(Node::parse((string) $record)), $books->of($shop, Seal::of($decoded)->hash));
            }
        }
        ['photos' => $photos, 'tracks' => $tracks] = OrderEvidence::of($file);

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
            array_map(static fn(OrderLine $line): array => $line->written(), $file->journal->lines()),
            $tracks,
            self::files($photos),
            $file->row->practice ? null : static fn(mixed $content, string $hash): ?SignedEntry => $books->signArchive($shop, $content, $hash),
        ), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) . "\n";
    }

    /**
     * The bytes of as many photos as fit.
     *
     * @param list<array<string, mixed>> $photos
     *
     * @return array<string, string>
     */
    private static function files(array $photos): array
    {
        $files = [];
        $size = 0;
        foreach (array_unique(array_column($photos, 'hash')) as $hash) {
            $bytes = PhotoStore::read((string) $hash, false);
            if ($bytes !== null && $size + strlen($bytes) <= self::FILES) {
                $files[$hash] = $bytes;
                $size += strlen($bytes);
            }
        }

        return $files;
    }
}
