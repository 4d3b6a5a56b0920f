<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Planning;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Bay\Obstacle;
use Lumbro\Core\Catalogue\Bay\Polygon;
use Lumbro\Core\Catalogue\Bay\Stance;
use Lumbro\Core\Codec\Dxf;
use Lumbro\Core\Codec\FloorPlanFile;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Planning\Fit;
use Lumbro\Core\Planning\Need;
use Lumbro\Core\Planning\Needs;
use Lumbro\Core\Planning\StanceRooms;
use Lumbro\Core\Planning\StanceSearch;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where a car is to stand, what binds, and a bay's files. */
final class BayTest extends TestCase
{
    use TestTrait;

    private static function hall(float $length = 9000, float $width = 5000): Bay
    {
        return new Bay('Hall', [[0.0, 0.0], [$length, 0.0], [$length, $width], [0.0, $width]], 2.0);
    }

    private static function room(string $id, float $x0, float $x1, float $y0, float $y1): Need
    {
        return new Need($id, "the $id", [new Polygon([[$x0, $y0], [$x1, $y0], [$x1, $y1], [$x0, $y1]])]);
    }

    public function testClearanceIsTheLeastOfAllWaysAndSaysWhatBinds(): void
    {
        $fit = Fit::of(self::room('front radar', 0, 3000, -1000, 1000), self::hall(), new Stance(5500, 2500));
        self::assertEqualsWithDelta(500.0, $fit->clearance, 1e-9);
        self::assertSame('3,000 mm needed ahead of the rear hubs for the front radar; the wall leaves 3,500 mm.', Told::words($fit->said(new Stance(5500, 2500))));

        $post = new Bay('Hall', self::hall()->outline, 2.0, [new Obstacle('the door post', [[8300.0, 2400.0], [8500.0, 2400.0], [8500.0, 2600.0], [8300.0, 2600.0]])]);
        $fit = Fit::of(self::room('front radar', 0, 3000, -1000, 1000), $post, new Stance(5500, 2500));
        self::assertEqualsWithDelta(-200.0, $fit->clearance, 1e-9);
        self::assertSame('3,000 mm needed ahead of the rear hubs for the front radar; the door post leaves 2,800 mm.', Told::words($fit->said(new Stance(5500, 2500))));
    }

    public function testATargetBelongsOnTheLevelFloor(): void
    {
        $bay = new Bay('Hall', self::hall()->outline, 2.0, [], [[0.0, 0.0], [7000.0, 0.0], [7000.0, 5000.0], [0.0, 5000.0]]);
        $need = new Need('front', 'the front radar', [new Polygon([[0.0, -500.0], [2000.0, -500.0], [2000.0, 500.0], [0.0, 500.0]])], [1800.0, 0.0]);
        self::assertFalse(Fit::of($need, $bay, new Stance(5400, 2500))->holds());
        self::assertStringContainsString('200 mm outside the level floor', Told::words(Fit::of($need, $bay, new Stance(5400, 2500))->said(new Stance(5400, 2500))));
        self::assertTrue(Fit::of($need, $bay, new Stance(5000, 2500))->holds());
    }

    public function testTheBestStanceServesEverythingWithTheLargestSmallestClearance(): void
    {
        $car = self::room('car', -1000, 4000, -1000, 1000);
        $found = StanceSearch::best(self::hall(), $car, [self::room('front', 4000, 6000, -800, 800)]);
        self::assertCount(1, $found);
        // 7,000 of 9,000 mm long: a metre before and a metre behind; sideways in the middle.
        self::assertEqualsWithDelta(1000, $this->least($found[0]['fits']), 15);
    }

    public function testWhereOneStanceCannotServeAllTheFewestDo(): void
    {
        $car = self::room('car', -1000, 4000, -900, 900);
        $needs = [self::room('left', -1000, 2000, 900, 3600), self::room('right', -1000, 2000, -3600, -900), self::room('front', 4000, 6500, -800, 800)];
        $found = StanceSearch::best(self::hall(9000, 5000), $car, $needs);
        self::assertCount(2, $found);
        $served = array_merge(...array_map(static fn(array $stance): array => array_map(static fn(Fit $fit): string => $fit->need->id, array_filter($stance['fits'], static fn(Fit $fit): bool => $fit->holds() && $fit->need->id !== 'car')), $found));
        sort($served);
        self::assertSame(['front', 'left', 'right'], $served);
        self::assertSame([], StanceSearch::best(self::hall(4000, 2000), $car, $needs), 'A bay that the car itself does not fit into.');
    }

    public function testSensorsShareAStanceInTheBayThatNeedsTheFewestAndFitWhereverTheyDo(): void
    {
        $car = self::room('car', -1000, 4000, -900, 900);
        $needs = [self::room('left', -1000, 2000, 900, 3600), self::room('right', -1000, 2000, -3600, -900), self::room('front', 4000, 6500, -800, 800), self::room('far', 4000, 20_000, -800, 800)];
        // A hall that takes all at once beside one that does not; a shed that takes none.
        $found = StanceRooms::of(['narrow' => self::hall(9000, 5000), 'wide' => self::hall(9000, 9000), 'shed' => self::hall(4000, 2000)], $car, $needs);
        self::assertSame([['sensors' => ['left', 'right', 'front'], 'bays' => ['wide']]], $found['stances']);
        self::assertSame(['far'], $found['unserved']);
        $alone = StanceRooms::of(['narrow' => self::hall(9000, 5000), 'also' => self::hall(9500, 5200)], $car, array_slice($needs, 0, 3));
        self::assertCount(2, $alone['stances']);
        self::assertSame([['narrow', 'also'], ['narrow', 'also']], array_column($alone['stances'], 'bays'));
        self::assertSame(['stances' => [], 'unserved' => ['left']], StanceRooms::of([], $car, [$needs[0]]));
    }

    public function testNoStanceTriedIsBetterThanTheOneFound(): void
    {
        $this->limitTo(25)->forAll(Generators::choose(1500, 4000), Generators::choose(300, 1200), Generators::choose(0, 1))->disableShrinking()->then(function (int $reach, int $half, int $behind): void {
            $car = self::room('car', -900, 3700, -900, 900);
            $need = $behind === 1 ? self::room('need', -900 - $reach, -900, -$half, $half) : self::room('need', 3700, 3700 + $reach, -$half, $half);
            $found = StanceSearch::best(self::hall(), $car, [$need]);
            $best = $found === [] ? -1.0 : $this->least($found[0]['fits']);
            for ($try = 0; $try < 200; $try++) {
                $stance = new Stance(mt_rand(0, 9000), mt_rand(0, 5000), mt_rand(0, 1) * 180);
                $own = min(Fit::of($car, self::hall(), $stance)->clearance, Fit::of($need, self::hall(), $stance)->clearance);
                self::assertLessThanOrEqual(max($best, 0.0) + 20, max($own, 0.0));
            }
        });
    }

    public function testABaySeenFromACarIsTheSameBay(): void
    {
        $this->limitTo(100)->forAll(Generators::choose(-9000, 9000), Generators::choose(-9000, 9000), Generators::choose(-180, 180))->then(function (int $x, int $y, int $heading): void {
            $stance = new Stance($x, $y, $heading);
            foreach (self::hall()->seenFrom($stance)->outline as $i => $corner) {
                self::assertEqualsWithDelta(self::hall()->outline[$i], $stance->toBay($corner), 1e-6);
            }
        });
    }

    public function testARearSensorsStandNeedsRoomBehindIt(): void
    {
        $state = (new DemoTask(sensor: 'rear-left'))->state();
        $need = Needs::sensor($state->context, $state->plan->ground);
        [$zone, $stand] = $need->rooms;
        self::assertSame($state->context->zone, $zone->corners);
        self::assertTrue($stand->holds(...($need->spot ?? [0.0, 0.0])));
        // Somebody works on the far side of the bar, away from the sensor.
        self::assertNotEmpty(array_filter($stand->corners, static fn(array $corner): bool => $corner[0] < ($need->spot[0] ?? 0.0) - 300));
        self::assertFalse(Fit::of($need, $state->context->bay, new Stance())->holds(), 'Bay 1 has no room there for a car that stands as usual.');
    }

    public function testABaysOwnSurveyCountsForTheFloor(): void
    {
        $hall = Document::read(Bay::class, DemoTask::node('bays.json')->items()[2]);
        self::assertNotNull($hall->survey);
        self::assertEquals($hall, Document::read(Bay::class, Node::parse((string) json_encode(Document::write($hall)))));
    }

    public function testADrawingComesBackAsItWent(): void
    {
        $bay = Document::read(Bay::class, DemoTask::node('bays.json')->items()[2]);
        $read = Dxf::outlines(FloorPlanFile::dxf($bay));
        self::assertEquals($bay->outline, $read[0]);
        self::assertCount(4, $read, 'Outline, level zone and two obstacles.');
        $svg = simplexml_load_string(FloorPlanFile::svg($bay));
        self::assertNotFalse($svg);
        self::assertCount(4, $svg->polygon);
    }

    public function testAnOutlineOfSingleLinesInMetresIsRead(): void
    {
        $line = static fn(string $a, string $b, string $c, string $d): string => "0\nLINE\n8\n0\n10\n$a\n20\n$b\n11\n$c\n21\n$d\n";
        $text = "0\nSECTION\n2\nHEADER\n9\n\$INSUNITS\n70\n6\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n"
            . $line('0', '0', '9', '0') . $line('9', '4.5', '9', '0') . $line('0', '0', '0', '4.5') . $line('0', '4.5', '9', '4.5') . "0\nENDSEC\n0\nEOF\n";
        self::assertEqualsCanonicalizing([[0.0, 0.0], [9000.0, 0.0], [9000.0, 4500.0], [0.0, 4500.0]], Dxf::outlines($text)[0]);
        $old = "0\nSECTION\n2\nENTITIES\n0\nPOLYLINE\n66\n1\n70\n1\n10\n0\n20\n0\n0\nVERTEX\n10\n100\n20\n0\n0\nVERTEX\n10\n5000\n20\n0\n0\nVERTEX\n10\n5000\n20\n3000\n0\nSEQEND\n0\nENDSEC\n0\nEOF\n";
        self::assertSame([[100.0, 0.0], [5000.0, 0.0], [5000.0, 3000.0]], Dxf::outlines($old)[0]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function noDrawings(): iterable
    {
        yield 'nothing' => ['', 'is empty'];
        yield 'a letter' => ["Dear shop,\nhere is the bay.\n", 'line 1 should be a group code'];
        yield 'open lines' => ["0\nSECTION\n0\nLINE\n10\n0\n20\n0\n11\n5\n21\n5\n0\nEOF\n", 'no closed outline'];
    }

    #[DataProvider('noDrawings')]
    public function testWhatIsNoDrawingSaysWhy(string $text, string $why): void
    {
        self::assertStringContainsString($why, Told::refusal(InvalidInput::class, static fn(): array => Dxf::outlines($text)));
    }

    /** @param list<Fit> $fits */
    private function least(array $fits): float
    {
        return array_reduce($fits, static fn(float $least, Fit $fit): float => min($least, $fit->clearance), INF);
    }
}
