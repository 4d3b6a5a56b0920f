<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Drive\Drive;
use Lumbro\Core\Drive\DriveRule;
use Lumbro\Core\Drive\SolarPosition;
use Lumbro\Core\Drive\Stretch;
use Lumbro\Core\Drive\TrackPoint;
use Lumbro\Core\Message\Message;

/** What of a drive counted for a sensor, as a JSON document: seconds, metres, km/h, and the reason of each lost stretch. */
final class DriveDocument
{
    /** A track is drawn with about so many points. */
    private const DRAWN = 800;

    /**
     * @param list<TrackPoint> $track in order of time
     *
     * @return array<string, mixed>
     */
    public static function judged(array $track, DriveRule $rule): array
    {
        $drive = Drive::along($track, $rule);
        $start = $track[0]->at;
        $lost = [];
        foreach ($drive->lost as $reason => $seconds) {
            $lost[] = ['reason' => $reason, 'says' => Message::of("drive.lost.$reason"), 'seconds' => $seconds];
        }
        usort($lost, static fn(array $a, array $b): int => $b['seconds'] <=> $a['seconds']);

        return [
            'seconds' => $drive->seconds,
            'metres' => $drive->metres,
            'needed' => ['seconds' => $rule->seconds, 'metres' => $rule->metres],
            'window' => ['slowest' => $rule->slowest, 'fastest' => $rule->fastest],
            'isEnough' => $drive->isEnough,
            'lost' => $lost,
            'stretches' => array_map(static fn(Stretch $stretch): array => ['from' => $stretch->from - $start, 'to' => $stretch->to - $start, 'reason' => $stretch->reason], $drive->stretches),
            'speeds' => array_map(static fn(array $at): array => [$at[0] - $start, $at[1]], $drive->speeds),
        ];
    }

    /**
     * The drive as such, whatever counted of it: where it went, and where the sun stood.
     *
     * @param list<TrackPoint> $track in order of time, not empty
     *
     * @return array<string, mixed>
     */
    public static function track(array $track, int $untimed): array
    {
        $first = $track[0];
        $last = $track[count($track) - 1];
        $sun = SolarPosition::at(($first->at + $last->at) / 2, $last->latitude, $last->longitude);
        $step = max(1, intdiv(count($track), self::DRAWN));
        $line = [];
        foreach ($track as $i => $point) {
            if ($i % $step === 0 || $point === $last) {
                // Metres east and north of where it began: a drive is small against the earth.
                $line[] = [
                    round(($point->longitude - $first->longitude) * cos(deg2rad($first->latitude)) * 111_195),
                    round(($point->latitude - $first->latitude) * 111_195),
                    $point->at - $first->at,
                ];
            }
        }

        return [
            'from' => gmdate('Y-m-d\TH:i:s\Z', (int) $first->at),
            'seconds' => $last->at - $first->at,
            'points' => count($track),
            'untimed' => $untimed,
            'line' => $line,
            'sun' => ['azimuth' => $sun->azimuth, 'elevation' => $sun->apparentElevation()],
        ];
    }
}
