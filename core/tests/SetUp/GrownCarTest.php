<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\SetUp;

use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\FigureOrigin;
use Lumbro\Core\Catalogue\Vehicle\SensorPlace;
use Lumbro\Core\Catalogue\Vehicle\UsualCar;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\NextFigure;
use Lumbro\Core\SetUp\Prospects;
use Lumbro\Core\SetUp\SetUpBudget;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Tests\Support\DemoTask;
use PHPUnit\Framework\TestCase;

/** A car of no table: what is not known of it is carried as a width, and measured where that buys most. */
final class GrownCarTest extends TestCase
{
    private static function car(): VehicleSheet
    {
        return UsualCar::of('Vossen', 'Ketch', SensorPlace::cases());
    }

    private static function at(VehicleSheet $sheet): TaskContext
    {
        return (new DemoTask())->context()->at($sheet);
    }

    /** @return array<string, float> axis → degrees */
    private static function reach(TaskContext $context): array
    {
        return array_column(array_map(static fn(SetUpBudget $budget): array => [$budget->axis, $budget->setUp], SetUpBudget::of($context, Prospects::nominalSetUp($context, new MeasuringPlan($context, [])))), 1, 0);
    }

    public function testEveryFigureBeginsUnknownAndTheDocumentIsReadAgainAsItWas(): void
    {
        $car = self::car();
        self::assertCount(count(VehicleSheet::MEASURABLE) + 7 * count(CarSensor::COORDINATES), $car->origins);
        self::assertSame(['unknown'], array_values(array_unique(array_map(static fn(FigureOrigin $origin): string => $origin->from, $car->origins))));
        self::assertEquals($car, Document::read(VehicleSheet::class, Node::parse((string) json_encode(Document::write($car)))));
    }

    public function testAnUnknownCarProvesNothingAndEachMeasuredFigureBuysWhatWasForetold(): void
    {
        $sheet = self::car();
        $first = self::reach(self::at($sheet));
        self::assertGreaterThan(0.5, $first['azimuth']);
        $asked = [];
        for ($i = 0; $i < 12; $i++) {
            $context = self::at($sheet);
            $gains = NextFigure::of($context, new MeasuringPlan($context, []));
            if ($gains === []) {
                break;
            }
            $gain = $gains[0];
            self::assertNotContains($gain->figure, $asked, 'a figure is asked for once');
            $asked[] = $gain->figure;
            self::assertEqualsWithDelta($gain->now, self::reach($context)[$gain->axis], 1e-9);
            $value = str_contains($gain->figure, '.') ? $context->sensor->at(explode('.', $gain->figure)[1]) : $sheet->figure($gain->figure);
            $sheet = $sheet->measured($gain->figure, $value, NextFigure::MEASURED);
            self::assertEqualsWithDelta($gain->then, self::reach(self::at($sheet))[$gain->axis], 1e-9, $gain->figure);
        }
        self::assertSame([], $gains, 'it comes to an end');
        // What lies off the middle, and how high, turns the axis most.
        self::assertContains('front.across', array_slice($asked, 0, 2));
        self::assertContains('front.height', array_slice($asked, 0, 2));
        self::assertLessThan(0.2 * $first['azimuth'], self::reach(self::at($sheet))['azimuth']);
    }

    public function testASensorIsMeasuredFromTheHubsAndGoesWithTheFrontOfTheCar(): void
    {
        $sheet = self::car()->measured('front.along', self::car()->wheelbase + 845.0, 3.0);
        $longer = $sheet->measured('wheelbase', $sheet->wheelbase + 120.0, 3.0);
        self::assertSame(845.0, $longer->sensor('front')?->along - $longer->wheelbase);
        self::assertSame($sheet->sensor('rear-left')?->along, $longer->sensor('rear-left')?->along);
        self::assertSame([3.0, self::car()->sensor('front')?->sOf('height')], [$longer->sensor('front')?->sOf('along'), $longer->sensor('front')?->sOf('height')]);
    }

    public function testAWidthThatIsNotKnownCouldHideAsMuch(): void
    {
        $plan = new MeasuringPlan(self::at(self::car()), []);
        $bounds = $plan->ground->car->bounds((new DemoTask())->context()->kit);
        self::assertEqualsWithDelta(3 * (self::car()->sensor('front')?->sOf('across') ?? NAN), $bounds['sensor.y'], 1e-9);
        self::assertGreaterThan(200.0, $bounds['frontMark.x']);
    }

    public function testASheetThatStandsForItselfIsAskedNothing(): void
    {
        $context = (new DemoTask())->context();
        self::assertSame([], NextFigure::of($context, new MeasuringPlan($context, [])));
    }
}
