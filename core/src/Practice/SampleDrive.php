<?php

declare(strict_types=1);

namespace Lumbro\Core\Practice;

use Lumbro\Core\Drive\TrackPoint;

/** A track recorder's stand-in: out of a town, along a road, through a tunnel, round a bend and back. Nowhere in particular. */
final class SampleDrive
{
    private const METRES = 111_195.0;

    /** Parts of it: seconds, km/h, degrees a second, and whether the receiver hears anything. */
    private const PARTS = [
        [90, 32, 0.0, true], [12, 25, 7.5, true], [420, 68, 0.05, true], [75, 72, 0.0, false], [260, 84, -0.1, true], [40, 46, 4.5, true],
        [30, 0, 0.0, true], [480, 76, 0.08, true], [45, 40, -4.0, true], [120, 28, 0.0, true],
    ];

    /**
     * @param float $at when it begins, seconds since 1970-01-01 00:00 UTC
     *
     * @return list<TrackPoint> one a second, where the receiver hears anything
     */
    public static function points(float $at): array
    {
        $noise = new SeededNoise(31);
        [$latitude, $longitude, $heading] = [47.2, 4.1, 65.0];
        $points = [];
        foreach (self::PARTS as [$seconds, $speed, $turn, $heard]) {
            for ($end = $at + $seconds; $at < $end; $at += 1.0) {
                $heading += $turn;
                $metres = $speed / 3.6 * (1 + 0.02 * $noise->draw("speed $at"));
                $latitude += $metres * cos(deg2rad($heading)) / self::METRES;
                $longitude += $metres * sin(deg2rad($heading)) / self::METRES / cos(deg2rad($latitude));
                if ($heard) {
                    $points[] = new TrackPoint($at, $latitude, $longitude);
                }
            }
        }

        return $points;
    }

    /** The same as a recorder writes it: GPX 1.1. */
    public static function gpx(float $at): string
    {
        $lines = array_map(static fn(TrackPoint $point): string => sprintf(
            '<trkpt lat="%.7f" lon="%.7f"><time>%s</time></trkpt>',
            $point->latitude,
            $point->longitude,
            gmdate('Y-m-d\TH:i:s\Z', (int) $point->at),
        ), self::points($at));

        return '<?xml version="1.0" encoding="UTF-8"?>' . "\n" . '<gpx version="1.1" creator="Lumbro sample recorder" xmlns="http://www.topografix.com/GPX/1/1"><trk><trkseg>' . "\n" . implode("\n", $lines) . "\n</trkseg></trk></gpx>\n";
    }
}
