<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Codec\TrackFile;
use Lumbro\Core\Facts\DriveDocument;

/** The drives of an order, each judged by every card that asks for one. */
final class DrivePage
{
    /** @return array<string, mixed> */
    public static function of(OrderFile $file): array
    {
        $asked = [];
        foreach ($file->state()->concerned() as $sensor) {
            $rule = ($file->journal->context->cards[$sensor->id] ?? null)?->drive;
            if ($rule !== null) {
                $asked[] = [$sensor, $rule];
            }
        }
        $drives = [];
        foreach ($file->state()->record->drives as $entry) {
            $text = DB::table('tracks')->where('shop_id', $file->row->shop_id)->where('id', $entry->track)->where('repair_order_id', $file->row->id)->value('track');
            $read = TrackFile::read(is_string($text) ? $text : '');
            $drives[] = [
                'id' => $entry->id, 'driver' => $entry->driver, 'file' => $entry->file, 'person' => $entry->person, 'at' => $entry->at,
                'track' => DriveDocument::track($read['points'], $read['untimed']),
                'sensors' => array_map(static fn(array $one): array => ['id' => $one[0]->id, 'name' => $one[0]->name, ...DriveDocument::judged($read['points'], $one[1])], $asked),
            ];
        }

        return [
            'version' => $file->version,
            'drives' => $drives,
            'asked' => array_map(static fn(array $one): array => [
                'id' => $one[0]->id, 'name' => $one[0]->name, 'slowest' => $one[1]->slowest, 'fastest' => $one[1]->fastest,
                'seconds' => $one[1]->seconds, 'metres' => $one[1]->metres, 'daylight' => $one[1]->daylight,
            ], $asked),
            'without' => array_values(array_map(
                static fn(CarSensor $sensor): string => $sensor->name,
                array_filter($file->state()->concerned(), static fn(CarSensor $sensor): bool => ($file->journal->context->cards[$sensor->id] ?? null)?->drive === null),
            )),
        ];
    }
}
