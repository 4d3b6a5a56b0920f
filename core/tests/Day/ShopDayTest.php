<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Day;

use Lumbro\Core\Catalogue\Shop\DayRules;
use Lumbro\Core\Catalogue\Shop\Opening;
use Lumbro\Core\Catalogue\Shop\PersonDay;
use Lumbro\Core\Day\Began;
use Lumbro\Core\Day\CalendarEntry;
use Lumbro\Core\Day\Car;
use Lumbro\Core\Day\CarWork;
use Lumbro\Core\Day\Cause;
use Lumbro\Core\Day\Causes;
use Lumbro\Core\Day\Changed;
use Lumbro\Core\Day\Day;
use Lumbro\Core\Day\DayDocument;
use Lumbro\Core\Day\Daylight;
use Lumbro\Core\Day\Durations;
use Lumbro\Core\Day\Hours;
use Lumbro\Core\Day\KitUnit;
use Lumbro\Core\Day\Matched;
use Lumbro\Core\Day\Part;
use Lumbro\Core\Day\Person;
use Lumbro\Core\Day\Pin;
use Lumbro\Core\Day\Pinned;
use Lumbro\Core\Day\Place;
use Lumbro\Core\Day\Plannable;
use Lumbro\Core\Day\Planner;
use Lumbro\Core\Day\Progress;
use Lumbro\Core\Day\SensorWork;
use Lumbro\Core\Day\Stage;
use Lumbro\Core\Day\Timetable;
use Lumbro\Core\Day\Turn;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Tests\Support\DayChecker;
use Lumbro\Core\Tests\Support\DrawnDay;
use Lumbro\Core\Tests\Support\SlippedDay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A shop's own day: what is under way, what came otherwise, what was fixed, and by what hours it works. */
final class ShopDayTest extends TestCase
{
    public function testACarUnderWayStaysInItsBayWithItsTarget(): void
    {
        $work = new CarWork(Durations::learned([]), [], 10, 600);
        $sensors = [new SensorWork('left', 'rear', 'run', 'left+right', ['target']), new SensorWork('right', 'rear', 'place', 'left+right', ['target'])];
        $made = [
            new Progress('left', 'prepare', 500, 512, 12.0, false, 'ilse', 'bay-2'),
            new Progress('left', 'line', 515, 535, 18.0, false, 'ilse', 'bay-2'),
            new Progress('left', 'place', 540, 560, 18.0, false, 'ilse', 'bay-2', ['reflector']),
            new Progress('left', 'run', 590, 597, 5.0, true, 'ilse', 'bay-2', ['reflector']),
        ];
        $car = $work->car('a', $sensors, ['left+right' => ['bay-1', 'bay-2']], ['pre-scan'], 0, 480, null, $made);
        // Begun without the scan: it comes after, so that the car is not moved for it.
        self::assertSame(['a left+right line', 'a left', 'a right', 'a pre-scan', 'a close'], array_map(static fn(Part $part): string => $part->id, $car->parts));
        $run = $car->parts[1]->stages[1]->began;
        self::assertNotNull($run);
        self::assertFalse($run->done);
        // It was to take its time, 5 minutes of which are over.
        self::assertSame(600 + $car->parts[1]->stages[1]->minutes - 5, $run->to);
        $day = new Day(600, 1_020, [new Person('ilse', [[480, 1_020]], ['run', 'drive']), new Person('bram', [[480, 1_020]], ['run', 'drive'])], [new Place('bay-1'), new Place('bay-2')], [new KitUnit('reflector', 'target'), new KitUnit('tool', 'scan-tool')], [
            $car, $work->car('b', [new SensorWork('front', 'front', 'prepare', 'front', ['target'])], ['front' => ['bay-1', 'bay-2']], [], 0, 480, null),
        ]);
        $plan = Planner::plan($day, 1, 400);
        self::assertSame([], DayChecker::complaints($day, $plan));
        foreach (['a left prove', 'a right place', 'a right run'] as $stage) {
            self::assertSame('bay-2', $plan->slots[$stage]->place);
        }
        // The other car has the target no earlier than this one gives it back.
        self::assertGreaterThanOrEqual($plan->slots['a left prove']->to, $plan->slots['b front place']->from);
    }

    public function testWhatIsPausedIsPlannedForWhatIsLeftOfIt(): void
    {
        $work = new CarWork(Durations::learned([]), [], 0, 700);
        $whole = $work->car('a', [new SensorWork('front', 'front', 'line', 'front')], ['front' => ['bay-1']], [], 0, 480, null)->parts[0]->stages[0];
        $stages = $work->car('a', [new SensorWork('front', 'front', 'line', 'front')], ['front' => ['bay-1']], [], 0, 480, null, [
            new Progress('front', 'prepare', 500, 512, 12.0, false, 'ilse', 'bay-1'), new Progress('front', 'line', 520, 530, 10.0, false, 'ilse', 'bay-1'),
        ])->parts[0]->stages;
        self::assertSame(['prepare', 'line'], array_map(static fn(Stage $stage): string => $stage->kind, $stages));
        self::assertNull($stages[1]->began);
        self::assertSame($whole->minutes - 10, $stages[1]->minutes);
    }

    public function testTimesThatSomebodyWentBackInStandInTheOrderOfWork(): void
    {
        $work = new CarWork(Durations::learned([]), [], 0, 700);
        $car = $work->car('a', [new SensorWork('front', 'front', 'run', 'front', ['target'])], ['front' => ['bay-1']], [], 0, 480, null, [
            new Progress('front', 'prepare', 650, 660, 12.0, false, 'ilse', 'bay-1'), new Progress('front', 'line', 560, 580, 18.0, false, 'ilse', 'bay-1'), new Progress('front', 'place', 600, 690, 18.0, false, 'ilse', 'bay-1', ['reflector']),
        ]);
        $before = 0;
        foreach ([...$car->parts[0]->stages, ...$car->parts[1]->stages] as $stage) {
            if ($stage->began !== null) {
                self::assertGreaterThanOrEqual($before, $stage->began->from);
                $before = $stage->began->to;
            }
        }
        self::assertSame(690, $before);
        $day = new Day(700, 1_020, [new Person('ilse', [[480, 1_020]], ['run'])], [new Place('bay-1')], [new KitUnit('reflector', 'target'), new KitUnit('tool', 'scan-tool')], [$car]);
        self::assertSame([], DayChecker::complaints($day, Planner::plan($day, 1, 50)));
    }

    public function testADayIsReadBackAsItWasWritten(): void
    {
        for ($seed = 1; $seed <= 12; $seed++) {
            $day = DrawnDay::of($seed, 6);
            $plan = Planner::plan($day, 1, 60);
            $later = SlippedDay::at($day, $plan, $day->now + 90, array_fill_keys(SlippedDay::underWay($plan, $day->now + 90), 25));
            $later = new Day($later->now, $later->closes, $later->people, $later->places, $later->kit, Pinned::on($later->cars, [array_key_last($plan->slots) => new Pin($later->now + 200, $later->people[0]->id)], $later->now));
            $read = DayDocument::read(Node::parse((string) json_encode(DayDocument::write($later))));
            self::assertEquals($later, $read);
            $again = DayDocument::readPlan(Node::parse((string) json_encode(DayDocument::plan($plan))));
            self::assertEquals($plan, $again);
        }
    }

    public function testNothingIsOtherwiseWhileADayGoesByItsPlan(): void
    {
        for ($seed = 1; $seed <= 8; $seed++) {
            $day = DrawnDay::of($seed, 6);
            $plan = Planner::plan($day, 1, 60);
            foreach ([5, 30, 95, 200] as $minutes) {
                self::assertSame([], Causes::between($day, $plan, SlippedDay::at($day, $plan, $day->now + $minutes)), "day $seed, $minutes min");
            }
        }
    }

    public function testWhatCameOtherwiseIsNamed(): void
    {
        $stage = static fn(string $id, ?Began $began = null): Part => new Part($id, [new Stage($id, 'line', 30, 0.2, began: $began)], 'stance');
        $was = self::day(480, [self::car('a', [$stage('a1'), $stage('a2')]), self::car('b', [$stage('b1')])]);
        $told = Planner::plan($was, 1, 100);
        $first = $told->slots['b1']->from === 480 ? 'b' : 'a';
        $kinds = static fn(Day $is): array => array_map(static fn(Cause $cause): array => [$cause->kind, $cause->car, $cause->stage ?? $cause->who, $cause->minutes], Causes::between($was, $told, $is));
        self::assertSame([['behind', $first, $first === 'b' ? 'b1' : 'a1', 20]], $kinds(self::day(500, [self::car('a', [$stage('a1'), $stage('a2')]), self::car('b', [$stage('b1')])])));
        self::assertContains(['promised', 'a', null, null], $kinds(self::day(481, [self::car('a', [$stage('a1'), $stage('a2')], 900), self::car('b', [$stage('b1')])])));
        self::assertContains(['ready', 'b', null, null], $kinds(self::day(481, [self::car('a', [$stage('a1'), $stage('a2')]), self::car('b', [$stage('b1')], null, 700)])));
        self::assertContains(['came', 'c', null, null], $kinds(self::day(481, [...$was->cars, self::car('c', [$stage('c1')])])));
        self::assertContains(['left', 'b', null, null], $kinds(self::day(481, [$was->cars[0]])));
        self::assertContains(['again', 'b', 'b2', null], $kinds(self::day(481, [$was->cars[0], self::car('b', [$stage('b1'), $stage('b2')])])));
        self::assertContains(['dropped', 'a', 'a2', null], $kinds(self::day(481, [self::car('a', [$stage('a1')]), $was->cars[1]])));
        self::assertContains(['hours', null, 'ilse', null], $kinds(self::day(481, $was->cars, 800)));
        self::assertContains(['kit', null, 'tool', null], $kinds(self::day(481, $was->cars, 1_020, [new KitUnit('tool', 'scan-tool')])));
        self::assertContains(['longer', 'a', 'a1', $told->slots['a1']->from + 90 - $told->slots['a1']->to], $kinds(self::day($told->slots['a1']->from + 60, [self::car('a', [$stage('a1', new Began($told->slots['a1']->from, $told->slots['a1']->from + 90, false, 'ilse', 'bay-1')), $stage('a2')]), $was->cars[1]])));
    }

    public function testAMendedPlanSendsFewerPeopleElsewhereThanOneMadeAgain(): void
    {
        $mended = $made = 0;
        for ($seed = 1; $seed <= 3; $seed++) {
            $day = DrawnDay::of($seed, 12);
            $told = Planner::plan($day, 1, 800);
            $now = $day->now + 120;
            $later = SlippedDay::at($day, $told, $now, array_fill_keys(array_slice(SlippedDay::underWay($told, $now), 0, 1), 40));
            $mended += self::elsewhere($later, $told, Planner::again($later, $told, 1, 400));
            $made += self::elsewhere($later, $told, Planner::plan($later, 1, 400));
        }
        self::assertGreaterThan(0, $made);
        self::assertLessThan(0.8 * $made, $mended);
    }

    public function testWhatIsFixedByHandHoldsUntilItIsPast(): void
    {
        $cars = [new Car('a', 480, null, [new Part('a', [new Stage('a', 'line', 30)], 'stance')], ['stance' => ['bay-1', 'bay-2']])];
        $people = [new Person('bram', [[480, 1_020]]), new Person('ilse', [[480, 1_020]])];
        $plan = static fn(int $now, Pin $pin): array => (static function () use ($now, $pin, $cars, $people): array {
            $slot = Planner::plan(new Day($now, 1_020, $people, [new Place('bay-1'), new Place('bay-2')], [], Pinned::on($cars, ['a' => $pin], $now)), 1, 50)->slots['a'];

            return [$slot->from, $slot->person, $slot->place];
        })();
        self::assertSame([660, 'ilse', 'bay-2'], $plan(480, new Pin(660, 'ilse', 'bay-2')));
        self::assertSame([700, 'ilse', 'bay-2'], $plan(700, new Pin(660, 'ilse', 'bay-2')));
    }

    public function testSomebodyIsToldWhatIsDueAndWhatComesNext(): void
    {
        $stages = static fn(?Began $began): array => [new Car('a', 480, null, [new Part('a', [new Stage('a1', 'line', 30, 0.2, began: $began), new Stage('a2', 'place', 20)], 'stance')], ['stance' => ['bay-1']])];
        $day = static fn(int $now, ?Began $began): Day => new Day($now, 1_020, [new Person('bram', [[480, 490]]), new Person('ilse', [[480, 1_020]])], [new Place('bay-1')], [], $stages($began));
        $first = $day(480, null);
        [$ilse, $bram] = Turn::all($first, Planner::plan($first, 1, 20));
        self::assertSame(['ilse', null, 'a1', true], [$ilse->person, $ilse->now, $ilse->next?->stage, $ilse->isDue]);
        self::assertSame(['bram', null, null, false], [$bram->person, $bram->now, $bram->next, $bram->isDue]);
        $later = $day(490, new Began(480, 512, false, 'ilse', 'bay-1'));
        [$ilse] = Turn::all($later, Planner::plan($later, 1, 20));
        self::assertSame(['a1', 'a2', false], [$ilse->now?->stage, $ilse->next?->stage, $ilse->isDue]);
    }

    public function testWhatTheShopLacksIsSaidAndLeftOut(): void
    {
        $plannable = new Plannable([new KitUnit('small', 'target small', null, ['target large']), new KitUnit('stand', 'stand')]);
        $sensor = static fn(string $id, string $target): SensorWork => new SensorWork($id, 'front', 'prepare', null, ["target $target", 'stand'], uses: ['laser']);
        $found = $plannable->of(['a' => $sensor('a', 'large'), 'b' => $sensor('b', 'plate'), 'c' => $sensor('c', 'small')], ['stances' => [['sensors' => ['a', 'b'], 'bays' => ['bay-1']]], 'unserved' => ['c']]);
        self::assertSame(['b' => 'target', 'c' => 'room'], $found['lacking']);
        self::assertSame(['prepare', null, null], array_map(static fn(SensorWork $work): ?string => $work->reached, $found['sensors']));
        self::assertSame(['a+b' => ['bay-1']], $found['stances']);
        // A laser that nobody has holds nobody up.
        self::assertSame([], $found['sensors'][0]->uses);
        self::assertSame(['small', 'stand'], $plannable->units(['target large', 'stand']));
    }

    /** @return iterable<string, array{string, string|null, string|null}> */
    public static function titles(): iterable
    {
        yield 'whole name' => ['Ilse Corrant: course', 'absence', 'p1'];
        yield 'first name' => ['ilse, dentist', 'absence', 'p1'];
        yield 'a name two people have' => ['Bram away', null, null];
        yield 'a whole name where two have the first' => ['Bram Tolley away', 'absence', 'p2'];
        yield 'an order' => ['2471 to be fetched', 'promise', 'o1'];
        yield 'an order comes before a person' => ['Ilse hands over 2471', 'promise', 'o1'];
        yield 'part of another number' => ['24711 parts', null, null];
        yield 'nobody' => ['Bin day', null, null];
        yield 'nothing' => ['', null, null];
    }

    #[DataProvider('titles')]
    public function testAnEntryIsAboutWhomOrWhatItNames(string $title, ?string $kind, ?string $subject): void
    {
        $found = Matched::of(new CalendarEntry($title, '2026-11-30T08:00', '2026-11-30T09:00'), ['p1' => 'Ilse Corrant', 'p2' => 'Bram Tolley', 'p3' => 'Bram Odell'], ['o1' => '2471']);
        self::assertSame([$kind, $subject], [$found->kind, $found->subject]);
    }

    public function testHoursAreOfTheWeekdayAndOnesOwnBeforeTheShops(): void
    {
        $rules = new DayRules([new Opening(1, '12:45', '17:00'), new Opening(1, '07:30', '12:00'), new Opening(6, '08:00', '12:00')], [new PersonDay('tolly', hours: [new Opening(1, '09:00', '13:00')])]);
        self::assertSame([[450, 720], [765, 1_020]], $rules->hours(1));
        self::assertSame([], $rules->hours(7));
        self::assertSame([[540, 780]], $rules->hoursOf('tolly', 1));
        // Own hours are the whole of them.
        self::assertSame([], $rules->hoursOf('tolly', 6));
        self::assertSame([[480, 720]], $rules->hoursOf('ilse', 6));
        self::assertEquals($rules, Document::read(DayRules::class, Node::parse((string) json_encode(Document::write($rules)))));
        self::assertCount(10, DayRules::usual()->opening);
        foreach (['7:30', '24:00', '07:60', 'noon'] as $wrong) {
            try {
                Document::read(DayRules::class, Node::parse((string) json_encode(['opening' => [['day' => 1, 'from' => $wrong, 'to' => '17:00']]])));
                self::fail($wrong);
            } catch (InvalidInput $refused) {
                self::assertSame('/opening/0/from', $refused->path());
            }
        }
    }

    public function testAbsencesAreCutOutOfHours(): void
    {
        $hours = [[450, 720], [765, 1_020]];
        self::assertSame([[450, 600], [800, 1_020]], Hours::without($hours, [[600, 800]]));
        self::assertSame([], Hours::without($hours, [[0, 1_440]]));
        self::assertSame([[450, 500], [510, 720], [765, 1_020]], Hours::without($hours, [[500, 510], [730, 740]]));
        self::assertSame($hours, Hours::without($hours, []));
        // Drawn ones: what is left and what is cut are the hours again, minute by minute.
        mt_srand(7);
        for ($i = 0; $i < 60; $i++) {
            $away = array_map(static fn(): array => [$from = mt_rand(0, 1_400), $from + mt_rand(1, 300)], range(0, mt_rand(0, 4)));
            $left = Hours::without($hours, $away);
            for ($minute = 0; $minute < 1_440; $minute += 7) {
                self::assertSame(self::isIn($minute, $hours) && ! self::isIn($minute, $away), self::isIn($minute, $left), "minute $minute");
            }
        }
    }

    public function testDayIsBetweenSunriseAndSunset(): void
    {
        $at = static fn(string $date): int => (int) (new \DateTimeImmutable("$date UTC"))->getTimestamp();
        // On an equinox day and night are alike wherever one is; the sun's rim and the air make the day some minutes longer.
        [[$rise, $set]] = Daylight::windows($at('2026-03-20'), 1, 51.2, 0.0);
        self::assertEqualsWithDelta(720, $set - $rise, 14);
        self::assertEqualsWithDelta(727, ($set + $rise) / 2, 4);
        // East of there it rises earlier, four minutes for each degree.
        [[$east]] = Daylight::windows($at('2026-03-20'), 1, 51.2, 15.0);
        self::assertEqualsWithDelta(60, $rise - $east, 1);
        // Beyond the circle there is none in December and nothing else in June.
        self::assertSame([], Daylight::windows($at('2026-12-21'), 2, 70.0, 20.0));
        self::assertSame([[0, 2 * 1_440]], Daylight::windows($at('2026-06-21'), 2, 70.0, 20.0));
        self::assertCount(8, Daylight::windows($at('2026-11-30'), 8, 51.2, 6.4));
    }

    /** Parts of the work that another person does than was told, or that are done elsewhere. */
    private static function elsewhere(Day $day, Timetable $told, Timetable $plan): int
    {
        return count(array_filter(Changed::between($day, $told, $plan)->parts, static fn(array $part): bool => $part['was']?->person !== $part['is']?->person || $part['was']?->place !== $part['is']?->place));
    }

    /** @param list<Part> $parts */
    private static function car(string $id, array $parts, ?int $promised = null, int $ready = 480): Car
    {
        return new Car($id, $ready, $promised, $parts, ['stance' => ['bay-1']]);
    }

    /**
     * @param list<Car>     $cars
     * @param list<KitUnit> $kit
     */
    private static function day(int $now, array $cars, int $until = 1_020, array $kit = []): Day
    {
        return new Day($now, 1_020, [new Person('ilse', [[480, $until]])], [new Place('bay-1')], $kit, $cars);
    }

    /** @param list<array{int, int}> $spans */
    private static function isIn(int $minute, array $spans): bool
    {
        foreach ($spans as [$from, $to]) {
            if ($from <= $minute && $minute < $to) {
                return true;
            }
        }

        return false;
    }
}
