<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Day;

use Lumbro\Core\Day\Builder;
use Lumbro\Core\Day\Compiled;
use Lumbro\Core\Day\Day;
use Lumbro\Core\Day\Judge;
use Lumbro\Core\Day\Lists;
use Lumbro\Core\Day\Packer;
use Lumbro\Core\Day\Planner;
use Lumbro\Core\Day\UnderWay;
use Lumbro\Core\Tests\Support\DrawnDay;
use Lumbro\Core\Tests\Support\SlippedDay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Cars are fitted in and taken out again, and what the search is spared by a limit changes nothing that keeps to it. */
final class PackerTest extends TestCase
{
    /** @return iterable<string, array{Day}> days before anything is begun, and at work */
    public static function days(): iterable
    {
        foreach ([1, 2, 3] as $seed) {
            $day = DrawnDay::of($seed, 12);
            yield "day $seed" => [$day];
            $plan = Planner::plan($day, $seed, 0);
            yield "day $seed under way" => [SlippedDay::at($day, $plan, 655, [])];
        }
    }

    #[DataProvider('days')]
    public function testWhatKeepsToALimitIsFittedInAsWithoutOne(Day $day): void
    {
        $c = new Compiled($day);
        $packer = self::packed($c);
        $given = 0;
        foreach (array_keys($c->orders) as $car) {
            $without = $packer->plans[$car];
            $packer->take($car);
            $state = $packer->state();
            $done = $packer->put($car, $without['order']);
            $plan = $packer->plans[$car];
            $packer->restore($state);
            if ($done >= Compiled::NEVER) {
                continue;
            }
            self::assertSame(Compiled::NEVER, $packer->put($car, $without['order'], false, $done - 1), 'a minute less is too little');
            self::assertSame([$state[0], []], [$packer->state()[0], $packer->plans[$car]['stages']], 'and what was tried takes nobody\'s time');
            $packer->restore($state);
            self::assertSame($done, $packer->put($car, $without['order'], false, $done));
            self::assertSame($plan, $packer->plans[$car]);
            $given++;
        }
        self::assertGreaterThan(5, $given);
    }

    #[DataProvider('days')]
    public function testABuiltPlanIsTakenOverAsItIs(Day $day): void
    {
        $c = new Compiled($day);
        $judge = new Judge($c);
        $built = new Builder($c, $judge);
        $cars = array_keys($c->orders);
        foreach ((new Lists($c, $built))->all() as $choices) {
            $built->build($choices);
            $packer = new Packer($c, new UnderWay($c));
            $empty = $packer->state();
            $packer->fill(array_map(static fn(int $car): array => $packer->planOf($built, $car, $choices->order[$car]), $cars));
            $reckoned = $judge->reckon($built);
            self::assertSame([$reckoned->late, $reckoned->undone, $reckoned->waiting], $judge->counted($packer->plans));
            // Time that nobody has twice can be given back, and then everybody is as free as before.
            array_map($packer->take(...), $cars);
            self::assertSame($empty[0], $packer->state()[0]);
        }
    }

    public function testACarThatIsAtWorkAtATargetGoesOnWithIt(): void
    {
        $under = 0;
        foreach ([1, 2, 3] as $seed) {
            $day = DrawnDay::of($seed, 12);
            $plan = Planner::plan($day, $seed, 0);
            foreach ([600, 655, 700] as $now) {
                $c = new Compiled(SlippedDay::at($day, $plan, $now, array_fill_keys(SlippedDay::underWay($plan, $now), 9)));
                $packer = self::packed($c);
                foreach (array_filter(array_keys($c->orders), $packer->isUnderWay(...)) as $car) {
                    self::assertLessThan(Compiled::NEVER, $packer->plans[$car]['done'], "day $seed at $now, car $car");
                    $under++;
                }
            }
        }
        self::assertGreaterThan(10, $under);
    }

    public function testNothingThatAddsSoMuchIsBeforeTheLastMinute(): void
    {
        $c = new Compiled(DrawnDay::of(1, 12));
        $judge = new Judge($c);
        $looked = 0;
        foreach ([[1.0, []], [0.05, []], [0.05, [3 => 4.0, 5 => 2.0]]] as [$waits, $worth]) {
            $judge->waits = $waits;
            $judge->worth = $worth;
            foreach (array_keys($c->orders) as $car) {
                foreach ([0.0, 20.5, 149.0, 151.0, 449.0, 451.0, 700.0] as $adds) {
                    $until = $judge->until($car, $adds);
                    if ($until < Compiled::NEVER) {
                        self::assertGreaterThan($adds, $judge->height($car, $until + 1), "car $car");
                        $looked++;
                    }
                }
                self::assertLessThan(0, $judge->until($car, -0.1));
            }
        }
        self::assertGreaterThan(100, $looked);
    }

    /** One after another, as they are counted: those first that have something. */
    private static function packed(Compiled $c): Packer
    {
        $packer = new Packer($c, new UnderWay($c));
        $cars = array_keys($c->orders);
        usort($cars, static fn(int $a, int $b): int => [$packer->isUnderWay($b), $a] <=> [$packer->isUnderWay($a), $b]);
        foreach ($cars as $car) {
            $packer->put($car, 0);
        }

        return $packer;
    }
}
