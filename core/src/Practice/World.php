<?php

declare(strict_types=1);

namespace Lumbro\Core\Practice;

use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\StandMoved;
use Lumbro\Core\Journal\StandSet;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\SetUp;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\SetUp\TaskRecord;
use Lumbro\Core\Survey\Geometry;

/**
 * A bay with a car whose truth is known to the scenario alone. Each move on the record is made as the core proposed
 * it, by hands that are not perfect.
 */
final readonly class World
{
    public Geometry $truth;

    public float $targetHeight;

    public MeasuringPlan $plan;

    /** How often the stand has been moved. */
    public int $position;

    public SeededNoise $noise;

    /** @param list<Line> $entries the task's record so far */
    public function __construct(public TaskContext $context, public Scenario $scenario, array $entries)
    {
        $this->noise = new SeededNoise($scenario->seed);
        $plan = new MeasuringPlan($context, $entries);
        $this->plan = $plan;
        $nominal = $plan->nominal();
        $state = $nominal->state;
        foreach ($scenario->shifts as $name => [$x, $y]) {
            $place = $nominal->layout->free[$name];
            $state[$place] += $x;
            $state[$place + 1] += $y;
        }
        $stand = $nominal->layout->free['stand'];
        // Where it was put down before the target was hung on another arm.
        $first = $plan->standSet === null
            ? $nominal->state
            : (new MeasuringPlan($context, array_values(array_filter($entries, static fn(Line $entry): bool => ! $entry instanceof StandSet))))->nominal()->state;
        $state[$stand] = $first[$stand] + $scenario->standX;
        $state[$stand + 1] = $first[$stand + 1] + $scenario->standY;
        $state[$stand + 2] = $first[$stand + 2] + $scenario->standYaw;
        $height = $scenario->targetHeight;

        $record = new TaskRecord($entries, $plan->spoiledBy(...), $plan->spoiledByArm(...), $context->order->carMoved ?? []);
        foreach ($record->moves as $position => $move) {
            // Another arm, or a car that is moved, leaves the stand where it is against the line the truth is told by.
            if ($move instanceof StandMoved) {
                [$state, $height] = $this->moved($state, $height, $stand, $record, $position, $move);
            }
        }
        $this->truth = new Geometry($nominal->layout, $state);
        $this->targetHeight = $height;
        $this->position = $record->position();
    }

    /**
     * By how much the target's true bearing exceeds the specified one as this kind of target is felt, and the same in
     * elevation.
     *
     * @return array{float, float} degrees
     */
    public function placementError(): array
    {
        $nominal = $this->plan->nominal();
        $card = $this->context->card;
        if ($card->isPlate) {
            $tilt = ($this->plan->standSet->tilt ?? 0.0) - $this->context->spot->tilt;

            return [Angle::degrees($this->truth->yaw['stand'] - $nominal->yaw['stand']), $tilt];
        }
        $bearing = static fn(Geometry $at): float => atan2(
            $at->y['target'] - $at->y['sensor'],
            $at->x['target'] - $at->x['sensor'],
        );
        $rise = $this->targetHeight - $this->scenario->floorBelow - $this->context->spot->height - $this->scenario->sensorHeight + $this->context->cardSensor->height;

        return [
            Angle::degrees($bearing($this->truth) - $bearing($nominal)),
            $card->adjustment?->inclinometer === null ? rad2deg(atan2($rise, $this->range())) : 0.0,
        ];
    }

    /** Of the target from the sensor, mm. */
    public function range(): float
    {
        return hypot($this->truth->x['target'] - $this->truth->x['sensor'], $this->truth->y['target'] - $this->truth->y['sensor']);
    }

    /** What a staff under a level laser shows at a wheel or at this sensor's spot, mm. */
    public function staff(string $place): float
    {
        return 1200.0 + (str_starts_with($place, 'site-') ? $this->scenario->floorBelow : 0.0) + 0.4 * $this->noise->draw("staff $place");
    }

    /**
     * What the meter shows for a call, with half of its noise: mm or degrees as they are read.
     *
     * @param Call $call of the plan
     */
    public function meter(Call $call): float
    {
        if (! $call->isSurveyed()) {
            return $this->targetHeight;
        }
        $s = $call->reads === Reads::Turn ? rad2deg($call->s) : $call->s;

        return $this->plan->reading($call, $this->truth) + $s / 2 * $this->noise->draw("meter $this->position $call->id");
    }

    /**
     * @param array<int, float> $state
     *
     * @return array{array<int, float>, float}
     */
    private function moved(array $state, float $height, int $stand, TaskRecord $record, int $position, StandMoved $move): array
    {
        $slip = fn(string $what, float $size): float => $size * $this->noise->draw("move $position $what");
        $setUp = new SetUp($this->context, $this->plan, $record->at($position));
        $plan = $setUp->plan($move->kinds)[0] ?? null;
        $heading = $setUp->placement === null ? 0.0 : $setUp->placement->referenceHeading;
        if (in_array(MoveKind::Turn, $move->kinds, true)) {
            $state[$stand + 2] += ($plan->turn ?? 0.0) + deg2rad($slip('turn', $this->scenario->handsDegrees));
        }
        if (in_array(MoveKind::Shift, $move->kinds, true)) {
            $along = ($plan->along ?? 0.0) + $slip('along', $this->scenario->handsMm);
            $across = ($plan->across ?? 0.0) + $slip('across', $this->scenario->handsMm);
            $state[$stand] += $along * cos($heading) - $across * sin($heading);
            $state[$stand + 1] += $along * sin($heading) + $across * cos($heading);
        }
        if (in_array(MoveKind::Height, $move->kinds, true)) {
            $height += -($setUp->height->deviation ?? 0.0) + $slip('height', $this->scenario->handsMm);
        }

        return [$state, $height];
    }
}
