<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Support\Facades\DB;
use Lumbro\Core\Journal\PhotoAdded;

/** What an order keeps beside its journal, by the hashes of its bytes: photos and the tracks of drives. */
final class OrderEvidence
{
    /** @return array{photos: list<array<string, mixed>>, tracks: list<array<string, mixed>>} */
    public static function of(OrderFile $file): array
    {
        return ['photos' => self::photos($file), 'tracks' => self::tracks($file)];
    }

    /** @return list<array<string, mixed>> */
    private static function photos(OrderFile $file): array
    {
        $rows = DB::table('photos')->where('shop_id', $file->row->shop_id)->where('repair_order_id', $file->row->id)->get(['id', 'hash', 'type'])->keyBy('id');
        $photos = [];
        foreach ($file->state()->record->photos as $added) {
            if (isset($rows[$added->photo])) {
                $photos[] = self::photo($added, $rows[$added->photo]);
            }
        }

        return $photos;
    }

    /** @return array<string, mixed> */
    private static function photo(PhotoAdded $added, \stdClass $row): array
    {
        return ['id' => $added->photo, 'hash' => $row->hash, 'about' => $added->about, 'sensor' => $added->sensor, 'type' => $row->type, 'person' => $added->person, 'at' => $added->at];
    }

    /** @return list<array<string, mixed>> */
    private static function tracks(OrderFile $file): array
    {
        return array_values(DB::table('tracks')->where('shop_id', $file->row->shop_id)->where('repair_order_id', $file->row->id)->orderBy('id')
            // Hashed where they lie: each may be tens of megabytes.
            ->selectRaw("id, encode(sha256(convert_to(track, 'UTF8')), 'hex') as hash")->get()
            ->map(static fn(\stdClass $row): array => ['id' => $row->id, 'hash' => $row->hash])->all());
    }
}
