<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Day;

use Lumbro\Core\Day\Asks;
use Lumbro\Core\Day\Car;
use Lumbro\Core\Day\Day;
use Lumbro\Core\Day\KitUnit;
use Lumbro\Core\Day\Part;
use Lumbro\Core\Day\Person;
use Lumbro\Core\Day\Pin;
use Lumbro\Core\Day\Place;
use Lumbro\Core\Day\Planner;
use Lumbro\Core\Day\Slot;
use Lumbro\Core\Day\Stage;
use Lumbro\Core\Day\Timetable;
use Lumbro\Core\Tests\Support\DayChecker;
use Lumbro\Core\Tests\Support\DrawnDay;
use Lumbro\Core\Tests\Support\EveryPlan;
use Lumbro\Core\Tests\Support\SlippedDay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Plans break nothing, are the best there is where all can be gone through, and change little when a day slips. */
final class PlannerTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function days(): iterable
    {
        for ($seed = 1; $seed <= (getenv('LUMBRO_LONG') === '1' ? 40 : 3); $seed++) {
            yield "day $seed" => [$seed];
        }
    }

    #[DataProvider('days')]
    public function testAPlanBreaksNothing(int $seed): void
    {
        $day = self::drawn($seed);
        $plan = Planner::plan($day, $seed, 400);
        self::assertSame([], DayChecker::complaints($day, $plan));
        self::assertLessThanOrEqual($plan->reckoning->late, $plan->leastLate, 'no plan is better than can be');
        self::assertEquals($plan, Planner::plan($day, $seed, 400), 'the same seed gives the same plan');
    }

    public function testWhatAPlanBreaksIsSeen(): void
    {
        $day = self::drawn(1);
        $plan = Planner::plan($day, 1, 0);
        $seen = 0;
        foreach ($plan->slots as $id => $slot) {
            $sooner = new Slot($slot->stage, $slot->car, $slot->from - 7, $slot->to - 7, $slot->person, $slot->place, $slot->units);
            $broken = new Timetable([...$plan->slots, $id => $sooner], $plan->done, $plan->reckoning, $plan->leastLate);
            $seen += DayChecker::complaints($day, $broken) === [] ? 0 : 1;
        }
        // Everything begins as early as it can, but for what a place or a target is held for.
        self::assertGreaterThan(0.9 * count($plan->slots), $seen);
    }

    /** @return iterable<string, array{int}> */
    public static function smallDays(): iterable
    {
        for ($seed = 1; $seed <= (getenv('LUMBRO_LONG') === '1' ? 120 : 5); $seed++) {
            yield "day $seed" => [$seed];
        }
    }

    #[DataProvider('smallDays')]
    public function testASmallDayIsPlannedAsWellAsItCanBe(int $seed): void
    {
        $day = DrawnDay::small($seed);
        $plan = Planner::plan($day);
        self::assertSame([], DayChecker::complaints($day, $plan));
        $r = $plan->reckoning;
        // Begun from a little worse, so that a search that finds nothing shows.
        self::assertSame([$r->late, $r->undone, $r->waiting, $r->moves], EveryPlan::best($day, [$r->late, $r->undone, $r->waiting, $r->moves + 1]));
    }

    #[DataProvider('days')]
    public function testADayThatGoesByItsPlanChangesNothing(int $seed): void
    {
        $day = self::drawn($seed);
        $plan = Planner::plan($day, $seed, 400);
        $later = SlippedDay::at($day, $plan, 655);
        $again = Planner::again($later, $plan, $seed, 200);
        self::assertSame([], DayChecker::complaints($later, $again));
        self::assertLessThanOrEqual($plan->reckoning->late, $again->reckoning->late);
        if ($again->reckoning->late === $plan->reckoning->late && $again->reckoning->undone === $plan->reckoning->undone) {
            // What was told may be bettered, but not for little.
            self::assertLessThan(count($plan->slots) / 4, $again->reckoning->changes);
        }
    }

    public function testADayThatSlipsIsMendedNoWorseThanByPushingOn(): void
    {
        for ($seed = 1; $seed <= 3; $seed++) {
            $day = self::drawn($seed);
            $plan = Planner::plan($day, $seed, 1_000);
            $slipped = SlippedDay::at($day, $plan, 655, array_fill_keys(array_slice(SlippedDay::underWay($plan, 655), 0, 2), 40));
            $mended = Planner::again($slipped, $plan, $seed);
            self::assertSame([], DayChecker::complaints($slipped, $mended));
            self::assertLessThanOrEqual(0, $mended->reckoning->against(Planner::again($slipped, $plan, $seed, 0)->reckoning));
        }
    }

    public function testWhatIsPinnedStays(): void
    {
        $day = DrawnDay::small(2);
        $plan = Planner::plan($day);
        $pinned = null;
        $cars = [];
        foreach ($day->cars as $i => $car) {
            $parts = array_map(static function (Part $part) use (&$pinned, $i): Part {
                $stages = $part->stages;
                if ($i === 1 && $pinned === null) {
                    $pinned = $stages[0]->id;
                    $stages[0] = new Stage($pinned, $stages[0]->kind, $stages[0]->minutes, 0.0, $stages[0]->asks, new Pin(600, 'person-1', $part->stance === null ? null : 'bay-0'));
                }

                return new Part($part->id, $stages, $part->stance, $part->held, $part->free);
            }, $car->parts);
            $cars[] = new Car($car->id, $car->ready, $car->promised, $parts, $car->stances);
        }
        $day = new Day($day->now, $day->closes, $day->people, $day->places, $day->kit, $cars);
        $again = Planner::again($day, $plan);
        self::assertSame([], DayChecker::complaints($day, $again));
        self::assertSame([600, 'person-1'], [$again->slots[(string) $pinned]->from, $again->slots[(string) $pinned]->person]);
    }

    public function testWhatNobodyCanDoIsLeftOutAndSaid(): void
    {
        $run = new Stage('run', 'run', 20, 0.1, new Asks(right: 'run'));
        $drive = new Stage('drive', 'drive', 40, 0.1, new Asks(windows: [[600, 620]]));
        $day = new Day(480, 1020, [new Person('ilse', [[480, 1020]], ['run'])], [new Place('bay')], [], [
            new Car('a', 480, 600, [new Part('a run', [$run], 'stance')], ['stance' => ['bay']]),
            new Car('b', 480, 600, [new Part('b drive', [$drive])]),
            new Car('c', 480, 600, [new Part('c run', [new Stage('c-run', 'run', 20)], 'stance')], ['stance' => []]),
        ]);
        $plan = Planner::plan($day);
        self::assertSame(['run'], array_keys($plan->slots));
        self::assertSame(['a' => 500, 'b' => null, 'c' => null], $plan->done);
        self::assertSame([2, 2], [$plan->reckoning->late, $plan->leastLate]);
        self::assertSame([], DayChecker::complaints($day, $plan));
    }

    public function testOneTargetForThreeCarsMissesAPromiseThatNoPlanCouldKeep(): void
    {
        $cars = [];
        foreach (['a', 'b', 'c'] as $id) {
            $cars[] = new Car($id, 480, 570, [new Part("$id sensor", [new Stage("$id place", 'place', 25), new Stage("$id run", 'run', 20)], 'stance', ['reflector'])], ['stance' => ['one', 'two', 'three']]);
        }
        $people = array_map(static fn(int $i): Person => new Person("person-$i", [[480, 1020]]), [0, 1, 2]);
        $places = array_map(static fn(string $id): Place => new Place($id), ['one', 'two', 'three']);
        $plan = Planner::plan(new Day(480, 1020, $people, $places, [new KitUnit('only', 'reflector')], $cars));
        self::assertSame([1, 1], [$plan->reckoning->late, $plan->leastLate]);
        $two = Planner::plan(new Day(480, 1020, $people, $places, [new KitUnit('first', 'reflector'), new KitUnit('second', 'reflector')], $cars));
        self::assertSame([0, 0], [$two->reckoning->late, $two->leastLate]);
    }

    public function testPlacesThatShareAWallHaveRoomForOneCarAtATime(): void
    {
        $cars = [];
        foreach (['a', 'b', 'c'] as $id) {
            $cars[] = new Car($id, 480, 530, [new Part("$id sensor", [new Stage("$id place", 'place', 45)], 'stance')], ['stance' => ['one', 'two', 'three']]);
        }
        $people = array_map(static fn(int $i): Person => new Person("person-$i", [[480, 1020]]), [0, 1, 2]);
        $day = static fn(string ...$shared): Day => new Day(480, 1020, $people, [new Place('one', array_values($shared)), new Place('two', array_values($shared)), new Place('three')], [], $cars);
        $shared = Planner::plan($day('far-wall'));
        self::assertSame([1, 1], [$shared->reckoning->late, $shared->leastLate]);
        $apart = Planner::plan($day());
        self::assertSame([0, 0], [$apart->reckoning->late, $apart->leastLate]);
    }

    public function testPromisesThatAreHardToKeepAreKept(): void
    {
        $days = getenv('LUMBRO_LONG') === '1' ? range(1, 40) : [1, 37];
        $missed = [];
        foreach ($days as $seed) {
            $plan = Planner::plan(self::drawn($seed));
            if ($plan->reckoning->late > $plan->leastLate) {
                $missed[] = $seed;
            }
        }
        self::assertLessThanOrEqual(intdiv(count($days), 10), count($missed), 'more are missed than must be on day ' . implode(', ', $missed));
    }

    public function testNoCarsAndNobodyAreADayToo(): void
    {
        self::assertSame([], Planner::plan(new Day(480, 1020, [], [], [], []))->slots);
        $plan = Planner::plan(new Day(480, 1020, [], [], [], [new Car('a', 480, null, [new Part('wait', [new Stage('cure', 'cure', 30, 0.0, new Asks(hands: false))])])]));
        self::assertSame(['a' => 510], $plan->done);
    }

    private static function drawn(int $seed): Day
    {
        return DrawnDay::of($seed, 12 + ($seed * 5) % 14);
    }
}
