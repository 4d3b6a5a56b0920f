<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Drive;

use Lumbro\Core\Drive\SolarPosition;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The sun's place against published figures. */
final class SolarPositionTest extends TestCase
{
    public function testTheWorkedExampleOfTheSeries(): void
    {
        // Meeus, example 25.a: 1992 October 13, 0h of terrestrial time.
        $sun = SolarPosition::at((float) gmmktime(0, 0, 0, 10, 13, 1992) - 59.0, 0.0, 0.0);
        self::assertEqualsWithDelta(199.90895, $sun->longitude, 0.002);
        self::assertEqualsWithDelta(-7.78507, $sun->declination, 0.002);
    }

    public function testThePublishedExampleOfTheReferenceAlgorithm(): void
    {
        // Reda and Andreas, "Solar Position Algorithm for Solar Radiation Applications", appendix A.5.
        $sun = SolarPosition::at((float) gmmktime(19, 30, 30, 10, 17, 2003), 39.742476, -105.1786);
        self::assertEqualsWithDelta(194.34024, $sun->azimuth, 0.02);
        self::assertEqualsWithDelta(39.872046, $sun->elevation, 0.02);
    }

    /** @return iterable<string, array{string, float, float, float, float}> moment in UTC, latitude, longitude east; azimuth and elevation without refraction */
    public static function almanac(): iterable
    {
        // Debian's ephem 4.1.4, by the almanacs' own theory of the planets (VSOP87), with the air taken away.
        foreach ([
            ['2021-06-21 23:40', 64.15, -21.95, 334.9882, 0.1620], ['2026-01-15 14:20', 52.52, 13.40, 222.5210, 6.2629],
            ['2024-11-03 06:45', 35.68, 139.69, 242.7392, 10.2116], ['2025-02-10 20:10', -33.87, 151.21, 101.6632, 7.9132],
            ['2023-03-21 04:55', 1.35, 103.82, 106.0320, 85.5686], ['2022-12-25 20:30', 40.71, -74.01, 228.2793, 8.9531],
            ['2026-05-05 15:15', -54.80, -68.30, 18.7856, 17.0607], ['2020-07-12 18:00', 19.43, -99.13, 74.5679, 79.8293],
            ['2030-09-09 05:30', 59.91, 10.75, 90.7126, 6.5243], ['2010-08-30 13:50', -1.29, 36.82, 280.4807, 25.2719],
        ] as $case) {
            yield $case[0] => $case;
        }
    }

    #[DataProvider('almanac')]
    public function testTenPlacesAndDatesOfAnIndependentAlmanac(string $utc, float $latitude, float $east, float $azimuth, float $elevation): void
    {
        $sun = SolarPosition::at((float) (new \DateTimeImmutable($utc, new \DateTimeZone('UTC')))->getTimestamp(), $latitude, $east);
        self::assertEqualsWithDelta($azimuth, $sun->azimuth, 0.05);
        self::assertEqualsWithDelta($elevation, $sun->elevation, 0.05);
    }

    /** @return iterable<string, array{int, int, int, int, int, float, float, float}> year, month, day, hour, minute; longitude of the sun; a place */
    public static function seasons(): iterable
    {
        foreach ([
            [2020, 3, 20, 3, 50, 0.0, 52.5, 13.4], [2020, 12, 21, 10, 2, 270.0, -33.9, 151.2], [2021, 6, 21, 3, 32, 90.0, 35.7, 139.7],
            [2021, 9, 22, 19, 21, 180.0, 40.7, -74.0], [2022, 3, 20, 15, 33, 0.0, -1.3, 36.8], [2022, 6, 21, 9, 14, 90.0, 64.1, -21.9],
            [2023, 9, 23, 6, 50, 180.0, 19.1, 72.9], [2023, 12, 22, 3, 27, 270.0, -54.8, -68.3], [2024, 6, 20, 20, 51, 90.0, 21.3, -157.9],
            [2025, 3, 20, 9, 1, 0.0, 59.9, 10.7], [2025, 12, 21, 15, 3, 270.0, 4.6, -74.1],
        ] as $case) {
            yield sprintf('%04d-%02d-%02d', $case[0], $case[1], $case[2]) => $case;
        }
    }

    #[DataProvider('seasons')]
    public function testTheAlmanacsEquinoxesAndSolsticesAtPlacesAllOver(int $year, int $month, int $day, int $hour, int $minute, float $longitude, float $latitude, float $east): void
    {
        $at = (float) gmmktime($hour, $minute, 0, $month, $day, $year);
        $sun = SolarPosition::at($at, $latitude, $east);
        // The almanac gives these to the minute, in which the sun goes 0.0007 degrees.
        self::assertLessThan(0.01, abs(fmod($sun->longitude - $longitude + 540, 360) - 180));
        // At these moments ascension and declination are known: 0, 90, 180, 270 and 0 or the tilt of the axis.
        $tilt = deg2rad(23.4366);
        $declination = asin(sin($tilt) * sin(deg2rad($longitude)));
        $sidereal = fmod(280.46061837 + 360.98564736629 * ($at / 86_400 + 2_440_587.5 - 2_451_545.0), 360);
        $hourAngle = deg2rad($sidereal + $east - $longitude);
        $phi = deg2rad($latitude);
        $up = sin($phi) * sin($declination) + cos($phi) * cos($declination) * cos($hourAngle);
        $north = cos($phi) * sin($declination) - sin($phi) * cos($declination) * cos($hourAngle);
        $eastwards = -cos($declination) * sin($hourAngle);
        self::assertEqualsWithDelta(rad2deg(asin($up)), $sun->elevation, 0.05);
        self::assertLessThan(0.05, abs(fmod($sun->azimuth - rad2deg(atan2($eastwards, $north)) + 540, 360) - 180) * hypot($north, $eastwards));
    }

    public function testTheAirLiftsALowSunByHalfADegreeAndAHighOneHardly(): void
    {
        $low = SolarPosition::at((float) gmmktime(3, 50, 0, 3, 20, 2020), 0.0, 34.2);
        self::assertEqualsWithDelta(0.5, $low->apparentElevation() - $low->elevation, 0.15);
        $high = SolarPosition::at((float) gmmktime(19, 30, 30, 10, 17, 2003), 39.742476, -105.1786);
        self::assertEqualsWithDelta(0.02, $high->apparentElevation() - $high->elevation, 0.005);
    }
}
