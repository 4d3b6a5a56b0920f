<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Day;

use Lumbro\Core\Day\Began;
use Lumbro\Core\Day\Car;
use Lumbro\Core\Day\CarWork;
use Lumbro\Core\Day\Changed;
use Lumbro\Core\Day\Day;
use Lumbro\Core\Day\Durations;
use Lumbro\Core\Day\InOrOut;
use Lumbro\Core\Day\KitUnit;
use Lumbro\Core\Day\Outside;
use Lumbro\Core\Day\OwedDrive;
use Lumbro\Core\Day\Part;
use Lumbro\Core\Day\Person;
use Lumbro\Core\Day\Place;
use Lumbro\Core\Day\Planner;
use Lumbro\Core\Day\SensorWork;
use Lumbro\Core\Day\Stage;
use Lumbro\Core\Tests\Support\DayChecker;
use PHPUnit\Framework\TestCase;

/** An order's owed sensors as work for a day, what of a plan changed, and a car kept or sent out. */
final class CarWorkTest extends TestCase
{
    public function testALineIsSurveyedOnceForAllSensorsOfAStance(): void
    {
        $car = self::work()->car('2471', [
            new SensorWork('left', 'rear', 'prepare', 'back', ['reflector']),
            new SensorWork('right', 'rear', 'prepare', 'back', ['reflector']),
            new SensorWork('front', 'front', 'prepare', 'nose', ['plate']),
        ], ['back' => ['bay-1'], 'nose' => ['bay-1', 'bay-2']], ['pre-scan', 'post-scan'], 2, 480, 900);
        self::assertSame([
            '2471 pre-scan' => ['pre-scan'],
            '2471 back line' => ['prepare', 'warm-up', 'floor', 'line'],
            '2471 left' => ['place', 'run', 'prove'],
            '2471 right' => ['place', 'run', 'prove'],
            '2471 nose line' => ['prepare', 'warm-up', 'floor', 'line'],
            '2471 front' => ['place', 'run', 'prove'],
            '2471 close' => ['post-scan', 'road', 'close'],
        ], self::kinds($car));
        $day = self::day([$car]);
        $plan = Planner::plan($day, 1, 200);
        self::assertSame([], DayChecker::complaints($day, $plan));
        self::assertNull($plan->slots['2471 back warm-up']->person);
        self::assertSame(['bay-1', ['target']], [$plan->slots['2471 left place']->place, $plan->slots['2471 left place']->units]);
    }

    public function testWhatIsDoneIsNotPlannedAgain(): void
    {
        $car = self::work()->car('2471', [new SensorWork('left', 'rear', 'run', 'back', ['reflector']), new SensorWork('right', 'rear', 'place', 'back', ['reflector'])], ['back' => ['bay-1']], [], 0, 480, null);
        self::assertSame(['2471 left' => ['run', 'prove'], '2471 right' => ['place', 'run', 'prove'], '2471 close' => ['close']], self::kinds($car));
    }

    public function testADriveWaitsForDaylightAndSomebodyWhoMayDrive(): void
    {
        $car = self::work()->car('2471', [new SensorWork('front', 'front', null, drive: new OwedDrive(true))], [], [], 0, 480, 700);
        self::assertSame(['2471 drive' => ['drive'], '2471 close' => ['close']], self::kinds($car));
        $plan = Planner::plan(self::day([$car]), 1, 100);
        self::assertSame([560, 'ilse'], [$plan->slots['2471 drive']->from, $plan->slots['2471 drive']->person]);
    }

    public function testWhatSlippedAndWhatItChangedAreSaid(): void
    {
        $cars = static fn(?Began $began): array => [
            new Car('a', 480, null, [new Part('a', [new Stage('a', 'line', 30, 0.2, began: $began)], 'stance')], ['stance' => ['bay-1']]),
            new Car('b', 480, null, [new Part('b', [new Stage('b', 'line', 60)], 'stance')], ['stance' => ['bay-1']]),
        ];
        $day = self::day($cars(null));
        $told = Planner::plan($day, 1, 100);
        self::assertSame([510, 480], [$told->slots['b']->from, $told->slots['a']->from]);
        $later = new Day(500, $day->closes, $day->people, $day->places, $day->kit, $cars(new Began(480, 545, false, $told->slots['a']->person, 'bay-1')));
        $changed = Changed::between($later, $told, Planner::again($later, $told));
        self::assertSame([['stage' => 'a', 'car' => 'a', 'minutes' => 35]], $changed->slips);
        self::assertSame(['b', 545], [$changed->parts[0]['part'], $changed->parts[0]['is']?->from]);
        self::assertCount(1, $changed->parts);
        self::assertSame([], Changed::between($day, $told, $told)->parts);
    }

    public function testACarSentOutCostsItsFeeAndTheWayAndGivesTheOthersRoom(): void
    {
        $cars = [];
        foreach (['a', 'b', 'c'] as $id) {
            $cars[] = new Car($id, 480, 620, [new Part($id, [new Stage("$id line", 'line', 60), new Stage("$id run", 'run', 20)], 'stance')], ['stance' => ['bay-1']]);
        }
        $compared = InOrOut::of(self::day($cars), 'b', new Outside(250.0, 20, 30, 60.0));
        self::assertNotNull($compared);
        self::assertEqualsWithDelta(80.0, $compared->in['cost'], 1e-9);
        self::assertEqualsWithDelta(290.0, $compared->out['cost'], 1e-9);
        self::assertSame(2, $compared->in['reckoning']->late);
        self::assertSame(1, $compared->out['reckoning']->late);
        self::assertSame(550, $compared->out['done']);
        self::assertNull(InOrOut::of(self::day($cars), 'none', new Outside(250.0, 20, 30, 60.0)));
    }

    private static function work(): CarWork
    {
        return new CarWork(Durations::learned([]), [[560, 960]], 15);
    }

    /** @param list<Car> $cars */
    private static function day(array $cars): Day
    {
        $people = [new Person('ilse', [[480, 1020]], ['run', 'drive']), new Person('tolly', [[480, 1020]], ['run'])];

        return new Day(480, 1020, $people, [new Place('bay-1'), new Place('bay-2')], [new KitUnit('tool', 'scan-tool'), new KitUnit('target', 'reflector'), new KitUnit('plate', 'plate')], $cars);
    }

    /** @return array<string, list<string>> part → kinds of its stages */
    private static function kinds(Car $car): array
    {
        $kinds = [];
        foreach ($car->parts as $part) {
            $kinds[$part->id] = array_map(static fn(Stage $stage): string => $stage->kind, $part->stages);
        }

        return $kinds;
    }
}
