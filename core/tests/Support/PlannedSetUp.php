<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Kit\OverdueRule;
use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\TaskOrder;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Journal\ReferenceChosen;
use Lumbro\Core\Journal\SchoolsChosen;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\Prospect;
use Lumbro\Core\SetUp\SetUp;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Survey\Equation;
use Lumbro\Core\Survey\Geometry;

/** A set-up of one of the demo's cards, measured by a plan of readings and by nothing else. */
final readonly class PlannedSetUp
{
    /** A guess of the stand's place or the laser's height is no knowledge of them, mm. */
    private const GUESS = 100.0;

    public SetUp $setUp;

    /**
     * @param array{string, string, string} $car      card, vehicle and sensor
     * @param non-empty-list<string>        $schools
     * @param list<string>                  $whole    calls and staffs
     * @param array<string, float>          $values   of the calls, mm or degrees; as they should be where none is given
     * @param array<string, float>          $staffs   of the staffs, mm
     */
    public function __construct(public array $car, public array $schools, public array $whole, array $values = [], array $staffs = [])
    {
        $floor = [];
        foreach ($whole as $id) {
            $place = $this->place($id);
            if ($place !== null) {
                $floor[$place] = new FloorRead("floor-$place", '', '', $place, sprintf('%.4f mm', $staffs[$id] ?? 1200.0));
            }
        }
        $context = self::context($car, $floor);
        $entries = [new ReferenceChosen('', '', '', 'body-axis', ''), new SchoolsChosen('', '', '', $schools, $whole)];
        $plan = new MeasuringPlan($context, $entries);
        $readings = [];
        foreach ($whole as $id) {
            $call = $plan->call($id);
            if ($call !== null) {
                $readings[$id] = self::reading($plan, $call, $values[$id] ?? $plan->expected($call));
            }
        }
        $this->setUp = new SetUp($context, new MeasuringPlan($context, [...$entries, ...array_values($readings)]), $readings);
    }

    /** @param array{string, string, string} $car */
    public static function of(array $car, Prospect $prospect): self
    {
        return new self($car, $prospect->schools, $prospect->whole ?? throw new \LogicException('It proves nothing.'));
    }

    /** The same, everything off its place and every reading by what it is stated to be. */
    public function drawn(Chance $chance): self
    {
        $plan = $this->setUp->plan;
        $solution = $this->setUp->placement->solution ?? throw new \LogicException('It is not placed.');
        $state = $solution->geometry->state;
        foreach ($solution->residuals as $i => $residual) {
            $equation = $solution->checked()[$i];
            if ($residual->prior && $equation->s < self::GUESS) {
                $state[$equation->places[0]] += $equation->s * $chance->normal();
            }
        }
        $truth = new Geometry($solution->geometry->layout, $state);
        $values = $staffs = [];
        foreach (array_keys($this->setUp->readings) as $id) {
            $call = $plan->call($id) ?? throw new \LogicException("No reading $id.");
            $values[$id] = $plan->reading($call, $truth) + $call->s * ($call->reads === Reads::Turn ? rad2deg(1) : 1.0) * $chance->normal();
        }
        foreach ($plan->ground->floor?->observations() ?? [] as $staff) {
            $staffs[$staff->id()] = Equation::of($staff, $truth)->value + $staff->s() * $chance->normal();
        }

        return new self($this->car, $this->schools, $this->whole, $values, $staffs);
    }

    /**
     * @param array{string, string, string} $car
     * @param array<string, FloorRead>      $floor
     */
    public static function context(array $car, array $floor = []): TaskContext
    {
        [$card, $vehicle, $sensor] = $car;
        $sheet = DemoOrder::sheet($vehicle);
        $with = static fn(?TaskOrder $order): TaskContext => new TaskContext(
            DemoOrder::card($card),
            $sheet,
            DemoOrder::kit()->forTask(DemoOrder::TODAY, new OverdueRule(false, 2.0)) ?? throw new \LogicException('The demo kit is not whole.'),
            Document::read(Bay::class, DemoTask::node('bays.json')->items()[0]),
            ["bracket-changed@$sensor"],
            $sheet->sensor($sensor) ?? throw new \LogicException("No sensor $sensor."),
            $order,
        );
        $bare = $with(null);

        return $with(new TaskOrder($bare->owed, [], [], [], floor: $floor, policy: new Policy()));
    }

    /** Where a staff of the plan stands, as an order names it; null for a call. */
    private function place(string $id): ?string
    {
        return preg_match('/^staff-(site|sensor|\w\w)(-\d)?$/', $id, $found) === 1
            ? (strlen($found[1]) > 2 ? "$found[1]-{$this->car[2]}" : $found[1]) . ($found[2] ?? '')
            : null;
    }

    private static function reading(MeasuringPlan $plan, Call $call, float $value): ReadingTaken
    {
        return $call->reads === Reads::Turn
            ? new ReadingTaken('', '', '', $call->id, '', null, 'deg', degrees: $value)
            : new ReadingTaken('', '', '', $call->id, '', $value, 'mm', datum: $call->reads === Reads::Height ? $plan->context->spot->heightDatum : null);
    }
}
