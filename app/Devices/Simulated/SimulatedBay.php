<?php

declare(strict_types=1);

namespace App\Devices\Simulated;

use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\Procedure\MeasuringPlan;
use Lumbro\Core\Procedure\MoveKind;
use Lumbro\Core\Procedure\SetUp;
use Lumbro\Core\Procedure\TaskContext;
use Lumbro\Core\Record\Entry;
use Lumbro\Core\Record\StandMoved;
use Lumbro\Core\Record\TaskRecord;
use Lumbro\Core\Survey\Geometry;

/**
 * A bay with a car whose truth is known to the scenario alone. Each move on the record is made as the core proposed
 * it, by hands that are not perfect.
 */
final readonly class SimulatedBay
{
    public Geometry $truth;

    public float $targetHeight;

    public MeasuringPlan $plan;

    /** How often the stand has been moved. */
    public int $position;

    public SeededNoise $noise;

    /** @param list<Entry> $entries the task's record so far */
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
        $state[$stand] += $scenario->standX;
        $state[$stand + 1] += $scenario->standY;
        $state[$stand + 2] += $scenario->standYaw;
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
     * By how much the target's true bearing from the sensor exceeds the specified one, and the same in elevation.
     *
     * @return array{float, float} degrees
     */
    public function placementError(): array
    {
        $nominal = $this->plan->nominal();
        $bearing = static fn(Geometry $at): float => atan2(
            $at->y['target'] - $at->y['sensor'],
            $at->x['target'] - $at->x['sensor'],
        );
        $range = hypot($this->truth->x['target'] - $this->truth->x['sensor'], $this->truth->y['target'] - $this->truth->y['sensor']);
        $rise = $this->targetHeight - $this->context->spot->height - $this->scenario->sensorHeight + $this->context->card->sensor->height;

        return [Angle::degrees($bearing($this->truth) - $bearing($nominal)), rad2deg(atan2($rise, $range))];
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
