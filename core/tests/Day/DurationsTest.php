<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Day;

use Lumbro\Core\Day\Durations;
use Lumbro\Core\Day\Taken;
use Lumbro\Core\Day\Worked;
use Lumbro\Core\Practice\SeededNoise;
use PHPUnit\Framework\TestCase;

/** What a shop's stages take is learned from its own records. */
final class DurationsTest extends TestCase
{
    public function testWithoutRecordsItIsWhatIsUsual(): void
    {
        $estimate = Durations::learned([])->of('line', 'front', 'plumb-and-line', 'Ilse');
        self::assertEqualsWithDelta(Durations::USUAL['line'], $estimate->minutes, 2.0);
        self::assertSame(0, $estimate->jobs);
        self::assertGreaterThan(0.3, $estimate->spread);
        self::assertGreaterThan(0, Durations::learned([])->of('something new')->minutes);
    }

    public function testRecordsDrawItToThemselves(): void
    {
        $few = Durations::learned([new Taken('line', 40), new Taken('line', 40)])->of('line');
        $many = Durations::learned(array_fill(0, 40, new Taken('line', 40)))->of('line');
        self::assertGreaterThan(Durations::USUAL['line'], $few->minutes);
        self::assertLessThan(40, $few->minutes);
        self::assertEqualsWithDelta(40, $many->minutes, 2.5);
        self::assertLessThan($few->spread, $many->spread);
    }

    public function testWhatDrivesTheDifferenceIsFound(): void
    {
        $durations = Durations::learned(self::drawn(300, 1));
        self::assertEqualsWithDelta(1.3, $durations->of('place', 'rear', 'plumb-and-line', 'Ilse')->minutes / $durations->of('place', 'front', 'plumb-and-line', 'Ilse')->minutes, 0.12);
        self::assertEqualsWithDelta(1.5, $durations->of('place', 'front', 'plumb-and-line', 'Tolly')->minutes / $durations->of('place', 'front', 'plumb-and-line', 'Ilse')->minutes, 0.15);
        // Somebody new is like the others.
        self::assertEqualsWithDelta(1.0, $durations->of('place', 'front', 'plumb-and-line', 'Fenna')->minutes / $durations->of('place', 'front', 'plumb-and-line')->minutes, 1e-9);
    }

    public function testNineInTenAreDoneByTheHourThatIsSaid(): void
    {
        foreach ([4, 12, 80] as $count) {
            $within = 0;
            for ($shop = 0; $shop < 60; $shop++) {
                $durations = Durations::learned(self::drawn($count, 100 * $count + $shop));
                foreach (self::drawn(12, 7 + 1000 * $count + $shop) as $next) {
                    $within += $next->minutes <= $durations->of($next->kind, $next->sensor, $next->school, $next->person)->within(0.9) ? 1 : 0;
                }
            }
            self::assertGreaterThan(0.84, $within / 720, "after $count records");
            self::assertLessThan(0.96, $within / 720, "after $count records");
        }
    }

    public function testWhatWasToldStandsBesideWhatWasTaken(): void
    {
        $misses = Durations::misses([
            new Taken('line', 30, 'front', null, 'Ilse', 20), new Taken('line', 22, 'front', null, 'Ilse', 20), new Taken('line', 20, 'front', null, 'Ilse', 20),
            new Taken('run', 10, 'front', null, 'Tolly', 20), new Taken('run', 10, 'rear', null, 'Tolly'),
        ]);
        self::assertSame(['ratio' => 1.1, 'jobs' => 3], ['ratio' => round($misses['stage']['line']['ratio'], 6), 'jobs' => $misses['stage']['line']['jobs']]);
        self::assertEqualsWithDelta(0.5, $misses['person']['Tolly']['ratio'], 1e-9);
        self::assertSame(['front'], array_keys($misses['sensor']));
        self::assertArrayNotHasKey('school', $misses);
    }

    public function testAGapWithoutLinesIsAPause(): void
    {
        $line = static fn(int $minute, string $stage, string $person = 'Ilse'): array => ['at' => 60.0 * $minute, 'stage' => $stage, 'person' => $person];
        $worked = Worked::minutes([$line(4, 'line'), $line(9, 'line'), $line(99, 'line', 'Tolly'), $line(105, 'place', 'Tolly')], 0.0);
        self::assertSame(['minutes' => 9.0, 'person' => 'Ilse'], $worked['line']);
        self::assertSame(['minutes' => 6.0, 'person' => 'Tolly'], $worked['place']);
        self::assertSame([], Worked::minutes([$line(4, 'line')]));
        self::assertSame([], Worked::minutes([]));
    }

    /** @return list<Taken> of a shop in which rear radars take 1.3 times as long, and Tolly 1.5 times */
    private static function drawn(int $count, int $seed): array
    {
        $noise = new SeededNoise($seed);
        $taken = [];
        for ($i = 0; $i < $count; $i++) {
            $sensor = $noise->even("sensor $i") < 0.4 ? 'rear' : 'front';
            $person = $noise->even("person $i") < 0.4 ? 'Tolly' : 'Ilse';
            $minutes = 22 * ($sensor === 'rear' ? 1.3 : 1.0) * ($person === 'Tolly' ? 1.5 : 1.0) * exp(0.25 * $noise->draw("job $i"));
            $taken[] = new Taken('place', $minutes, $sensor, 'plumb-and-line', $person);
        }

        return $taken;
    }
}
