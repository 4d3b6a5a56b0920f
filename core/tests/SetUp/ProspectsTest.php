<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\SetUp;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Kit\OverdueRule;
use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\TaskOrder;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Journal\ReferenceChosen;
use Lumbro\Core\Journal\SchoolsChosen;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\Prospect;
use Lumbro\Core\SetUp\Prospects;
use Lumbro\Core\SetUp\SetUp;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Tests\Support\DemoOrder;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Tests\Support\RoughShop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProspectsTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> */
    public static function cards(): iterable
    {
        foreach (RoughShop::CARS as $car) {
            yield $car[0] => $car;
        }
    }

    #[DataProvider('cards')]
    public function testThePlanIsNoDearerThanAnySchoolAndProvesTheCard(string $card, string $vehicle, string $sensor): void
    {
        $context = self::context($card, $vehicle, $sensor);
        $prospects = Prospects::of($context, new MeasuringPlan($context, []));
        $cheapest = $prospects->cheapest;
        self::assertNotNull($cheapest);
        self::assertNotSame([], $prospects->schools);
        foreach ($prospects->schools as $school) {
            self::assertTrue($school->whole === null || $cheapest->minutes <= $school->minutes + 1e-9, (string) $school->school);
            if ($school->whole !== null) {
                self::assertProves($school, $card, $vehicle, $sensor);
            }
        }
        self::assertProves($cheapest, $card, $vehicle, $sensor);
    }

    /** What was planned is read for once, with the stand on its spot and everything as it is drawn. */
    private static function assertProves(Prospect $prospect, string $card, string $vehicle, string $sensor): void
    {
        $whole = $prospect->whole ?? [];
        self::assertSame($whole, array_values(array_unique($whole)));
        $floor = [];
        foreach ($whole as $id) {
            if (preg_match('/^staff-(site|sensor|\w\w)(-\d)?$/', $id, $found) === 1) {
                $place = (strlen($found[1]) > 2 ? "$found[1]-$sensor" : $found[1]) . ($found[2] ?? '');
                $floor[$place] = new FloorRead("floor-$place", '', '', $place, '1200 mm');
            }
        }
        $context = self::context($card, $vehicle, $sensor, $floor);
        $entries = [new ReferenceChosen('', '', '', 'body-axis', ''), new SchoolsChosen('', '', '', $prospect->schools === [] ? ['plumb-and-line'] : $prospect->schools, $whole)];
        $plan = new MeasuringPlan($context, $entries);
        $readings = [];
        foreach ($whole as $id) {
            $call = $plan->call($id);
            if ($call === null) {
                self::assertStringStartsWith('staff-', $id);
                continue;
            }
            $value = $plan->expected($call);
            $readings[$id] = $call->reads === Reads::Turn
                ? new ReadingTaken('', '', '', $id, '', null, 'deg', degrees: $value)
                : new ReadingTaken('', '', '', $id, '', $value, 'mm', datum: $call->reads === Reads::Height ? $context->spot->heightDatum : null);
        }
        $setUp = new SetUp($context, new MeasuringPlan($context, [...$entries, ...array_values($readings)]), $readings);
        $left = [];
        foreach ($plan->respects() as $name) {
            $left[$name] = $setUp->decision($name)?->verdict->value;
        }
        self::assertTrue($setUp->holds(), "$prospect->school: " . json_encode([$whole, $left, $setUp->guard('azimuth')?->largest(), $setUp->guard('elevation')?->largest()]));
    }

    public function testWheelLasersAloneAreKnownNotToProveTheFrontCard(): void
    {
        $context = self::context(...RoughShop::CARS[0]);
        foreach (Prospects::of($context, new MeasuringPlan($context, []))->schools as $prospect) {
            if ($prospect->school === 'wheel-lasers') {
                self::assertFalse($prospect->provesAlone());
                self::assertContains('across', $prospect->lacking());
                self::assertGreaterThan($prospect->respects['across']['bearable'], $prospect->respects['across']['uncertainty']);
                self::assertContains('azimuth', $prospect->hiding());

                return;
            }
        }
        self::fail('Wheel lasers are not offered.');
    }

    public function testAPlanNamesOnlyWhatCanBeTakenHere(): void
    {
        $plan = (new DemoTask())->state()->plan;
        $known = Prospects::known($plan, ['plumb-and-line']);
        foreach (['spot-offset', 'spot-offset-3', 'staff-FL-3', 'staff-site-3', 'hub-offset-RR'] as $reading) {
            self::assertContains($reading, $known);
        }
        self::assertNotContains('spot-offset-4', $known);
        self::assertNotContains('scale-left', $known);
        self::assertContains('scale-left', Prospects::known($plan, ['wheel-lasers']));
    }

    /** @param array<string, FloorRead> $floor */
    private static function context(string $card, string $vehicle, string $sensor, array $floor = []): TaskContext
    {
        $sheet = DemoOrder::sheet($vehicle);
        $with = static fn(?TaskOrder $order): TaskContext => new TaskContext(
            DemoOrder::card($card),
            $sheet,
            DemoOrder::kit()->forTask(DemoOrder::TODAY, new OverdueRule(false, 2.0)) ?? self::fail('The demo kit is not whole.'),
            Document::read(Bay::class, DemoTask::node('bays.json')->items()[0]),
            ["bracket-changed@$sensor"],
            $sheet->sensor($sensor) ?? self::fail("No sensor $sensor."),
            $order,
        );
        $bare = $with(null);

        return $with(new TaskOrder($bare->owed, [], [], [], floor: $floor, policy: new Policy()));
    }
}
