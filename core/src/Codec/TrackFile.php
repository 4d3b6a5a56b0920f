<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec;

use Lumbro\Core\Drive\TrackPoint;
use Lumbro\Core\Failure\InvalidInput;

/** Reads a track: GPX 1.1, whatever its namespaces, or CSV with a moment, a latitude and a longitude. */
final class TrackFile
{
    /** A longer track is none of a drive. */
    private const MOST = 300_000;

    private const COLUMNS = [
        'at' => ['time', 'timestamp', 'date', 'utc', 'at'],
        'latitude' => ['lat', 'latitude'],
        'longitude' => ['lon', 'lng', 'long', 'longitude'],
    ];

    /**
     * @return array{points: list<TrackPoint>, untimed: int} in order of time; those without a moment are only counted
     *
     * @throws InvalidInput where it is neither, or has no point with a moment
     */
    public static function read(string $text): array
    {
        $read = preg_match('/^\x{FEFF}?\s*</u', substr($text, 0, 200)) === 1 ? self::gpx($text) : self::csv($text);
        if ($read['points'] === []) {
            throw InvalidInput::because('', 'track.no-points', ['untimed' => $read['untimed']]);
        }
        usort($read['points'], static fn(TrackPoint $a, TrackPoint $b): int => $a->at <=> $b->at);

        return $read;
    }

    /** @return array{points: list<TrackPoint>, untimed: int} */
    private static function gpx(string $text): array
    {
        if (stripos($text, '<!DOCTYPE') !== false || stripos($text, '<!ENTITY') !== false) {
            throw InvalidInput::because('', 'track.doctype');
        }
        $before = libxml_use_internal_errors(true);
        $reader = new \XMLReader();
        $points = [];
        $untimed = 0;
        $place = null;
        $inTime = false;
        $at = null;
        try {
            if (! $reader->XML($text, null, LIBXML_NONET | LIBXML_COMPACT)) {
                throw InvalidInput::because('', 'track.not-xml');
            }
            while (@$reader->read()) {
                if ($reader->nodeType === \XMLReader::ELEMENT && $reader->localName === 'trkpt') {
                    $place = self::place($reader->getAttribute('lat'), $reader->getAttribute('lon'), count($points) + $untimed + 1);
                    $at = null;
                    if ($reader->isEmptyElement) {
                        $untimed++;
                    }
                } elseif ($reader->nodeType === \XMLReader::ELEMENT && $reader->localName === 'time' && $place !== null) {
                    $inTime = true;
                } elseif ($inTime && $reader->nodeType === \XMLReader::TEXT) {
                    $at = self::moment($reader->value);
                    $inTime = false;
                } elseif ($reader->nodeType === \XMLReader::END_ELEMENT && $reader->localName === 'trkpt' && $place !== null) {
                    if ($at === null) {
                        $untimed++;
                    } else {
                        $points[] = new TrackPoint($at, $place[0], $place[1]);
                    }
                    $place = null;
                    self::few(count($points));
                }
            }
            $error = libxml_get_last_error();
            if ($error !== false && $error->level >= LIBXML_ERR_ERROR) {
                throw InvalidInput::because('', 'track.broken', ['line' => $error->line, 'why' => rtrim(trim($error->message), '.')]);
            }
        } finally {
            $reader->close();
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }

        return ['points' => $points, 'untimed' => $untimed];
    }

    /** @return array{points: list<TrackPoint>, untimed: int} */
    private static function csv(string $text): array
    {
        $lines = preg_split('/\r\n|\n|\r/', trim($text, "\u{FEFF}\r\n\t ")) ?: [];
        $separator = substr_count($lines[0] ?? '', ';') > substr_count($lines[0] ?? '', ',') ? ';' : ',';
        $head = array_map(static fn(?string $name): string => strtolower(trim((string) $name)), str_getcsv($lines[0] ?? '', $separator, '"', ''));
        $columns = [];
        foreach (self::COLUMNS as $what => $names) {
            $found = array_keys(array_intersect($head, $names));
            $columns[$what] = $found[0] ?? throw InvalidInput::because('', 'track.no-column', ['what' => $what, 'names' => $names]);
        }
        $points = [];
        $untimed = 0;
        foreach (array_slice($lines, 1) as $i => $line) {
            if (trim($line) === '') {
                continue;
            }
            $cells = str_getcsv($line, $separator, '"', '');
            $at = self::moment((string) ($cells[$columns['at']] ?? ''));
            if ($at === null) {
                $untimed++;

                continue;
            }
            [$latitude, $longitude] = self::place($cells[$columns['latitude']] ?? null, $cells[$columns['longitude']] ?? null, $i + 1);
            $points[] = new TrackPoint($at, $latitude, $longitude);
            self::few(count($points));
        }

        return ['points' => $points, 'untimed' => $untimed];
    }

    /** @return array{float, float} */
    private static function place(?string $latitude, ?string $longitude, int $number): array
    {
        $read = [];
        foreach ([[$latitude, 90.0, 'latitude'], [$longitude, 180.0, 'longitude']] as [$text, $most, $what]) {
            $text = str_replace(',', '.', trim((string) $text));
            if (! is_numeric($text) || abs((float) $text) > $most) {
                throw InvalidInput::because('', 'track.place', ['text' => InvalidInput::short($text, 30), 'what' => $what, 'point' => $number, 'most' => (string) $most]);
            }
            $read[] = (float) $text;
        }

        return [$read[0], $read[1]];
    }

    /** Seconds since 1970; null where the text is no moment. */
    private static function moment(string $text): ?float
    {
        $text = trim($text);
        if (preg_match('/^\d{9,11}(\.\d+)?$/', $text) === 1) {
            return (float) $text;
        }
        if (preg_match('/^(\d{4})-(\d\d)-(\d\d)[T ](\d\d):(\d\d):(\d\d)(\.\d+)?\s*(Z|[+-]\d\d:?\d\d)?$/', $text, $m) !== 1) {
            return null;
        }
        $zone = $m[8] ?? 'Z';
        $offset = $zone === 'Z' ? 0 : (($zone[0] === '-' ? -1 : 1) * ((int) substr($zone, 1, 2) * 3_600 + (int) substr($zone, -2) * 60));

        return gmmktime((int) $m[4], (int) $m[5], (int) $m[6], (int) $m[2], (int) $m[3], (int) $m[1]) - $offset + (float) ('0' . ($m[7] ?? ''));
    }

    private static function few(int $count): void
    {
        if ($count > self::MOST) {
            throw InvalidInput::because('', 'track.too-long', ['most' => self::MOST]);
        }
    }
}
