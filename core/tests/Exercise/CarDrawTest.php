<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Exercise;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Exercise\CarDraw;
use Lumbro\Core\Exercise\Fault;
use Lumbro\Core\Exercise\FaultKind;
use Lumbro\Core\Exercise\Faults;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Exercise\Wanted;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Practice\Scenario;
use Lumbro\Core\Tests\Support\DrawnCars;
use PHPUnit\Framework\TestCase;

/** Simulated cars drawn by a seed, and made by hand. */
final class CarDrawTest extends TestCase
{
    public function testTheSameSeedIsTheSameCarAndItsFileReadsBack(): void
    {
        foreach (DrawnCars::models() as $model) {
            foreach ([1, 2, 3] as $difficulty) {
                $car = CarDraw::of($model, 4711, $difficulty);
                self::assertEquals($car, CarDraw::of($model, 4711, $difficulty));
                $written = json_encode(Document::write($car), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);
                self::assertEquals($car, Document::read(PracticeCar::class, Node::parse($written)));
            }
        }
    }

    public function testEveryFaultThatAModelCanHaveIsThereWhenItIsWanted(): void
    {
        foreach (DrawnCars::models() as $model) {
            foreach (CarDraw::possible($model) as $kind) {
                $car = CarDraw::of($model, 9, 1, [new Wanted($kind)]);
                self::assertContains($kind, self::kinds($car, $model->card->sensor), "$model->name: $kind->value");
            }
        }
    }

    public function testTheSizeThatIsWantedIsTheSizeItHas(): void
    {
        $model = DrawnCars::models()[0];
        $car = CarDraw::of($model, 3, 2, [new Wanted(FaultKind::Mark, -13.0, 'rear'), new Wanted(FaultKind::Supply, 11.1), new Wanted(FaultKind::Slip, 21.0, 'height'), new Wanted(FaultKind::Backlash, 0.4)]);
        self::assertSame(['rearMark.y' => -13.0], $car->truth->offsets);
        self::assertSame(11.1, $car->truth->voltage);
        self::assertSame(['height' => 21.0], $car->truth->slips);
        self::assertSame(0.4, $car->truth->backlash);
    }

    public function testAHarderCarHasMoreFaultsAndARougherBay(): void
    {
        $model = DrawnCars::models()[0];
        $most = [];
        foreach ([1, 2, 3] as $difficulty) {
            $counts = array_map(static fn(int $seed): int => count(self::kinds(CarDraw::of($model, $seed, $difficulty), $model->card->sensor)), range(1, 60));
            $most[$difficulty] = array_sum($counts);
            self::assertContains(0, $counts, 'Some cars are sound.');
        }
        self::assertGreaterThan($most[1], $most[2]);
        self::assertGreaterThan($most[2], $most[3]);
        self::assertSame(1.0, CarDraw::of($model, 5, 3)->truth->rough['marks']);
    }

    public function testAFaultTakenOutIsGone(): void
    {
        foreach (DrawnCars::models() as $model) {
            foreach ([FaultKind::Mark, FaultKind::Floor, FaultKind::Tape, FaultKind::Rule, FaultKind::Slip] as $kind) {
                $car = CarDraw::of($model, 12, 1, [new Wanted($kind), new Wanted(FaultKind::Door)]);
                foreach (Faults::of($car->truth, $model->card->sensor) as $fault) {
                    $left = array_column(Faults::of(Faults::without($car->truth, $fault), $model->card->sensor), 'kind');
                    self::assertSame($fault->kind === FaultKind::Door, in_array($fault->kind, $left, true), $fault->kind->value);
                }
            }
        }
    }

    public function testAScenarioKnowsEveryCommandOfATool(): void
    {
        self::assertEqualsCanonicalizing(array_column(ToolCommand::cases(), 'value'), Scenario::COMMANDS);
    }

    /** @return list<FaultKind> */
    private static function kinds(PracticeCar $car, \Lumbro\Core\Catalogue\Card\CardSensor $sensor): array
    {
        return array_map(static fn(Fault $fault): FaultKind => $fault->kind, Faults::of($car->truth, $sensor));
    }
}
