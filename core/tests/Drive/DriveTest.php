<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Drive;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Codec\TrackFile;
use Lumbro\Core\Drive\Drive;
use Lumbro\Core\Drive\DriveRule;
use Lumbro\Core\Drive\TrackPoint;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Practice\SampleDrive;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What of a drive counts, and what tracks are read from. */
final class DriveTest extends TestCase
{
    use TestTrait;

    private const DEGREE = 111_195.0;

    /** Noon in June at 50° north. */
    private const NOON = 1_781_956_800.0;

    public function testASteadyStraightDriveCountsToTheSecondAndTheMetre(): void
    {
        $drive = Drive::along(self::north(600, 60), self::rule());
        self::assertEqualsWithDelta(600.0, $drive->seconds, 1e-6);
        self::assertEqualsWithDelta(10_000.0, $drive->metres, 5.0);
        self::assertCount(1, $drive->stretches);
        self::assertTrue($drive->isEnough);
        self::assertFalse(Drive::along(self::north(599, 60), self::rule())->isEnough);
    }

    public function testWhatIsLostIsLostForItsReasonAndNothingIsCountedTwice(): void
    {
        $slow = Drive::along(self::north(100, 30), self::rule());
        self::assertSame([0.0, ['too-slow' => 100.0]], [$slow->seconds, $slow->lost]);
        self::assertSame(['too-fast' => 100.0], Drive::along(self::north(100, 150), self::rule())->lost);
        self::assertSame(['dark' => 100.0], Drive::along(self::north(100, 60, self::NOON + 12 * 3_600), self::rule(daylight: true))->lost);
        self::assertSame([], Drive::along(self::north(100, 60, self::NOON + 12 * 3_600), self::rule())->lost);
        $gap = [...self::north(60, 60), ...array_map(static fn(TrackPoint $p): TrackPoint => new TrackPoint($p->at + 120, $p->latitude, $p->longitude), self::north(60, 60))];
        $drive = Drive::along($gap, self::rule());
        self::assertEqualsWithDelta(120.0, $drive->seconds, 1e-6);
        self::assertSame(['no-fix' => 60.0], $drive->lost);
        self::assertSame([null, 'no-fix', null], array_map(static fn($stretch): ?string => $stretch->reason, $drive->stretches));
    }

    public function testACurveDoesNotCountAndAWideOneDoes(): void
    {
        // 60 km/h round a circle of 100 m turns 9.5 degrees a second, of 1 km less than one.
        self::assertGreaterThan(50.0, Drive::along(self::round(60, 60, 100), self::rule())->lost['turning'] ?? 0.0);
        self::assertSame([], Drive::along(self::round(60, 60, 1_000), self::rule())->lost);
    }

    public function testALowSunAheadBlindsAndOneBehindDoesNot(): void
    {
        // Half an hour after sunrise near the equator in March: the sun stands in the east, 7 degrees high.
        $at = (float) gmmktime(6, 40, 0, 3, 20, 2026);
        $east = static fn(int $sense): array => array_map(static fn(int $i): TrackPoint => new TrackPoint($at + $i, 0.0, $sense * $i * 60 / 3.6 / self::DEGREE), range(0, 60));
        self::assertSame(['low-sun' => 60.0], Drive::along($east(1), self::rule(glare: 25.0))->lost);
        self::assertSame([], Drive::along($east(-1), self::rule(glare: 25.0))->lost);
        self::assertSame([], Drive::along($east(1), self::rule())->lost);
    }

    public function testTheStretchesCoverTheDriveAndAddUpWhateverTheTrack(): void
    {
        $this->limitTo(60)->forAll(Generators::vector(40, Generators::choose(0, 9)), Generators::vector(40, Generators::choose(0, 160)), Generators::vector(40, Generators::choose(-60, 60)))->then(
            static function (array $pauses, array $speeds, array $turns): void {
                [$at, $lat, $lon, $heading] = [self::NOON, 50.0, 9.0, 0.0];
                $track = [];
                foreach (array_map(null, array_filter($pauses, is_int(...)), array_filter($speeds, is_int(...)), array_filter($turns, is_int(...))) as [$pause, $speed, $turn]) {
                    $track[] = new TrackPoint($at, $lat, $lon);
                    $heading += (int) $turn;
                    $at += (int) $pause;
                    $lat += (int) $speed / 3.6 * (int) $pause * cos(deg2rad($heading)) / self::DEGREE;
                    $lon += (int) $speed / 3.6 * (int) $pause * sin(deg2rad($heading)) / self::DEGREE;
                }
                $drive = Drive::along($track, self::rule());
                $whole = $track[count($track) - 1]->at - $track[0]->at;
                self::assertEqualsWithDelta($whole, $drive->seconds + array_sum($drive->lost), 1e-6);
                self::assertEqualsWithDelta($whole, array_sum(array_map(static fn($stretch): float => $stretch->seconds(), $drive->stretches)), 1e-6);
            },
        );
    }

    public function testTracksAreReadWithWhateverNamespaceAndPointsWithoutATimeAreCounted(): void
    {
        $gpx = '<?xml version="1.0"?><g:gpx xmlns:g="http://www.topografix.com/GPX/1/1" version="1.1"><g:trk><g:trkseg>'
            . '<g:trkpt lat="50.1" lon="9.2"><g:time>2026-06-20T10:00:01Z</g:time></g:trkpt><g:trkpt lat="50.0" lon="9.2"><g:ele>120</g:ele><g:time>2026-06-20T12:00:00.500+02:00</g:time></g:trkpt>'
            . '<g:trkpt lat="50.2" lon="9.2"/><g:trkpt lat="50.3" lon="9.2"><g:ele>1</g:ele></g:trkpt></g:trkseg></g:trk></g:gpx>';
        $read = TrackFile::read($gpx);
        self::assertSame(2, $read['untimed']);
        self::assertSame([50.0, 50.1], array_map(static fn(TrackPoint $point): float => $point->latitude, $read['points']));
        self::assertEqualsWithDelta(0.5, $read['points'][1]->at - $read['points'][0]->at, 1e-6);
        $csv = "\u{FEFF}Time;Lat;Lon\r\n2026-06-20 10:00:00;50,1;9,2\r\n\r\n1781949601;50,2;9,2\r\nsoon;1;2\r\n";
        self::assertSame([2, 1], [count(TrackFile::read($csv)['points']), TrackFile::read($csv)['untimed']]);
    }

    public function testTheSampleDriveIsReadBackAsItWasDriven(): void
    {
        $points = SampleDrive::points(self::NOON);
        $read = TrackFile::read(SampleDrive::gpx(self::NOON))['points'];
        self::assertCount(count($points), $read);
        self::assertEqualsWithDelta($points[500]->latitude, $read[500]->latitude, 1e-7);
        $drive = Drive::along($read, new DriveRule(45, 120, 2.5, 840, 12_000));
        self::assertTrue($drive->isEnough);
        self::assertSame(['no-fix', 'too-slow', 'turning'], self::sorted(array_keys($drive->lost)));
    }

    /**
     * @param list<string> $words
     *
     * @return list<string>
     */
    private static function sorted(array $words): array
    {
        sort($words);

        return $words;
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        yield 'nothing' => ['', 'neither GPX nor a table'];
        yield 'a letter' => ['Dear all', 'neither GPX nor a table'];
        yield 'broken off' => ['<gpx><trk><trkseg><trkpt lat="1" lon="2"><time>2026-06-20T10:00:00Z</time>', 'breaks off'];
        yield 'no time' => ['<gpx><trkpt lat="1" lon="2"/></gpx>', 'has no time'];
        yield 'off the earth' => ['<gpx><trkpt lat="91" lon="2"><time>2026-06-20T10:00:00Z</time></trkpt></gpx>', 'as its latitude'];
        yield 'no number' => ["time,lat,lon\n2026-06-20 10:00:00,north,2", 'as its latitude'];
        yield 'an entity' => ['<!DOCTYPE gpx [<!ENTITY a "aaaa">]><gpx>&a;</gpx>', 'document type'];
        yield 'another table' => ["name,lat,lon\nx,1,2", 'column for the time'];
    }

    #[DataProvider('bad')]
    public function testABadTrackIsRefusedWithWhatIsWrong(string $text, string $reason): void
    {
        self::assertStringContainsString($reason, Told::refusal(InvalidInput::class, static fn(): mixed => TrackFile::read($text)));
    }

    private static function rule(bool $daylight = false, ?float $glare = null): DriveRule
    {
        return new DriveRule(40, 130, 3.0, 600, 9_990, $daylight, $glare);
    }

    /** @return list<TrackPoint> */
    private static function north(int $seconds, float $speed, float $at = self::NOON): array
    {
        return array_map(static fn(int $i): TrackPoint => new TrackPoint($at + $i, 50.0 + $i * $speed / 3.6 / self::DEGREE, 9.0), range(0, $seconds));
    }

    /** @return list<TrackPoint> */
    private static function round(int $seconds, float $speed, float $radius): array
    {
        return array_map(static function (int $i) use ($speed, $radius): TrackPoint {
            $angle = $i * $speed / 3.6 / $radius;

            return new TrackPoint(self::NOON + $i, $radius * sin($angle) / self::DEGREE, $radius * (1 - cos($angle)) / self::DEGREE);
        }, range(0, $seconds));
    }
}
