<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec;

/** Where a photo was taken, out of what a camera writes into it (Exif 2.32, GPS attributes). */
final class PhotoPlace
{
    /**
     * @param array<string, mixed> $exif tags by their names
     *
     * @return array{latitude: float, longitude: float}|null degrees, north and east positive; null where it says nothing that can be
     */
    public static function ofExif(array $exif): ?array
    {
        $latitude = self::degrees($exif['GPSLatitude'] ?? null, $exif['GPSLatitudeRef'] ?? null, ['N' => 1, 'S' => -1], 90);
        $longitude = self::degrees($exif['GPSLongitude'] ?? null, $exif['GPSLongitudeRef'] ?? null, ['E' => 1, 'W' => -1], 180);

        return $latitude === null || $longitude === null ? null : ['latitude' => $latitude, 'longitude' => $longitude];
    }

    /** @param array<string, int> $signs */
    private static function degrees(mixed $parts, mixed $hemisphere, array $signs, float $most): ?float
    {
        if (! is_array($parts) || ! is_string($hemisphere) || ! isset($signs[$hemisphere])) {
            return null;
        }
        $value = 0.0;
        foreach ([1, 60, 3600] as $i => $share) {
            $part = $parts[$i] ?? null;
            if (! is_string($part) || preg_match('/^(\d{1,10})\/(\d{1,10})$/', $part, $match) !== 1 || (int) $match[2] === 0) {
                return null;
            }
            $value += (int) $match[1] / (int) $match[2] / $share;
        }

        return $value <= $most ? $signs[$hemisphere] * $value : null;
    }
}
