<?php

declare(strict_types=1);

namespace Lumbro\Core\Drive;

/**
 * Where the sun stands, seen from a place on the ground (maths, section 10): the low-precision series of Meeus,
 * "Astronomical Algorithms", chapter 25, good to about 0.01 degrees between 1950 and 2050.
 */
final readonly class SolarPosition
{
    /** Terrestrial time runs ahead of universal time by about this, s. */
    private const AHEAD = 69.0;

    /**
     * @param float $azimuth   degrees from north, over east, 0 to 360
     * @param float $elevation degrees over the horizon, without the air's refraction
     * @param float $longitude of the sun along the ecliptic, apparent, degrees, 0 to 360
     * @param float $declination degrees
     */
    private function __construct(public float $azimuth, public float $elevation, public float $longitude, public float $declination) {}

    /**
     * @param float $at        seconds since 1970-01-01 00:00 UTC
     * @param float $latitude  degrees, north positive
     * @param float $east      longitude of the place, degrees, east positive
     */
    public static function at(float $at, float $latitude, float $east): self
    {
        $days = $at / 86_400 + 2_440_587.5 - 2_451_545.0;
        $t = ($days + self::AHEAD / 86_400) / 36_525;
        $mean = 280.46646 + 36_000.76983 * $t + 0.0003032 * $t ** 2;
        $anomaly = deg2rad(357.52911 + 35_999.05029 * $t - 0.0001537 * $t ** 2);
        $centre = (1.914602 - 0.004817 * $t - 0.000014 * $t ** 2) * sin($anomaly) + (0.019993 - 0.000101 * $t) * sin(2 * $anomaly) + 0.000289 * sin(3 * $anomaly);
        $node = deg2rad(125.04 - 1_934.136 * $t);
        $nutation = -0.00478 * sin($node);
        $longitude = deg2rad($mean + $centre - 0.00569 + $nutation);
        $tilt = deg2rad(23.4392911 - (46.8150 * $t + 0.00059 * $t ** 2 - 0.001813 * $t ** 3) / 3_600 + 0.00256 * cos($node));
        $ascension = atan2(cos($tilt) * sin($longitude), cos($longitude));
        $declination = asin(sin($tilt) * sin($longitude));
        // Apparent sidereal time: the turn of the earth against the equinox that the ascension counts from.
        $sidereal = 280.46061837 + 360.98564736629 * $days + 0.000387933 * $t ** 2 + $nutation * cos($tilt);
        $hour = deg2rad($sidereal + $east) - $ascension;
        $phi = deg2rad($latitude);
        $elevation = asin(sin($phi) * sin($declination) + cos($phi) * cos($declination) * cos($hour));
        $azimuth = atan2(sin($hour), cos($hour) * sin($phi) - tan($declination) * cos($phi));

        return new self(
            fmod(rad2deg($azimuth) + 540, 360),
            rad2deg($elevation),
            fmod(fmod(rad2deg($longitude), 360) + 360, 360),
            rad2deg($declination),
        );
    }

    /** The elevation as it is seen through the air (Bennett's formula, at sea level), degrees. */
    public function apparentElevation(): float
    {
        return $this->elevation < -1.0 ? $this->elevation : $this->elevation + 1 / tan(deg2rad($this->elevation + 7.31 / ($this->elevation + 4.4))) / 60;
    }
}
