<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

use Lumbro\Core\Drive\Drive;
use Lumbro\Core\Drive\SolarPosition;

/** When it is day: from the sun's upper rim over a flat horizon to its setting. */
final class Daylight
{
    private const MINUTES = 1_440;

    /**
     * @param int   $midnight seconds since 1970-01-01 00:00 UTC of minute 0
     * @param int   $days     to look at, from that midnight on
     * @param float $latitude degrees, north positive
     * @param float $east     degrees, east positive
     *
     * @return list<array{int, int}> minutes since that midnight, in order
     */
    public static function windows(int $midnight, int $days, float $latitude, float $east): array
    {
        $windows = [];
        $since = null;
        for ($minute = 0; $minute <= $days * self::MINUTES; $minute++) {
            $isDay = SolarPosition::at($midnight + 60 * $minute, $latitude, $east)->elevation >= Drive::SUNRISE;
            if ($isDay && $since === null) {
                $since = $minute;
            }
            if ((! $isDay || $minute === $days * self::MINUTES) && $since !== null) {
                $windows[] = [$since, $minute];
                $since = null;
            }
        }

        return $windows;
    }
}
