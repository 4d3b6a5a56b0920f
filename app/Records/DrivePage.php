<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Codec\TrackFile;
use Lumbro\Core\Drive\DriveRule;
use Lumbro\Core\Facts\DriveDocument;
use Lumbro\Core\Version;

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
            $drives[] = [
                'id' => $entry->id, 'driver' => $entry->driver, 'file' => $entry->file, 'person' => $entry->person, 'at' => $entry->at,
                ...self::read($file, $entry->track, $asked),
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

    /**
     * What a track says of itself and to each card that asks, worked out once: a track is never changed.
     *
     * @param list<array{CarSensor, DriveRule}> $asked
     *
     * @return array<string, mixed> track, sensors
     */
    private static function read(OrderFile $file, string $track, array $asked): array
    {
        $of = json_encode(['drive', Version::NUMBER, $file->row->shop_id, $track, array_map(static fn(array $one): array => [$one[0]->id, $one[0]->name, (array) $one[1]], $asked)], JSON_THROW_ON_ERROR);
        $read = Kept::of($of, static function () use ($file, $track, $asked): string {
            $text = DB::table('tracks')->where('shop_id', $file->row->shop_id)->where('id', $track)->where('repair_order_id', $file->row->id)->value('track');
            $read = TrackFile::read(is_string($text) ? $text : '');

            return json_encode([
                'track' => DriveDocument::track($read['points'], $read['untimed']),
                'sensors' => array_map(static fn(array $one): array => ['id' => $one[0]->id, 'name' => $one[0]->name, ...DriveDocument::judged($read['points'], $one[1])], $asked),
            ], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        });

        return (array) json_decode($read, true, 64, JSON_THROW_ON_ERROR);
    }
}
