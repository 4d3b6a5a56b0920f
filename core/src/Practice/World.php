<?php

declare(strict_types=1);

namespace Lumbro\Core\Practice;

use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\StandBumped;
use Lumbro\Core\Journal\StandMoved;
use Lumbro\Core\Journal\StandNudged;
use Lumbro\Core\Journal\StandSet;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\Guess;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\Placement\Placement;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\SetUp;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\SetUp\TaskRecord;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/**
 * A bay with a car whose truth is known to the scenario alone. Each move on the record is made as the core proposed
 * it, by hands that are not perfect.
 */
readonly class World
{
    /** How far a stand goes that somebody ran into, mm, standard. */
    private const BUMP = 8.0;

    public Geometry $truth;

    public float $targetHeight;

    public MeasuringPlan $plan;

    /** How often the stand has been moved. */
    public int $position;

    public SeededNoise $noise;

    /** How far the stand is nudged away along the range, mm. */
    protected float $nudge;

    /** @var array<string, int> call → how often it was read */
    private array $times;

    /** @param list<Line> $entries the task's record so far */
    final public static function of(TaskContext $context, Scenario $scenario, array $entries): self
    {
        $rough = $scenario->roughness();

        return $rough === null ? new self($context, $scenario, $entries) : new RoughWorld($context, $scenario, $entries, $rough);
    }

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
        $state = $this->disturbed($state, $nominal->layout);
        $stand = $nominal->layout->free['stand'];
        [$z, $yaw] = [$nominal->layout->z['stand'] ?? null, $nominal->layout->yaw['stand']];
        // Where it was put down before the target was hung on another arm.
        $first = $plan->standSet === null
            ? $nominal->state
            : (new MeasuringPlan($context, array_values(array_filter($entries, static fn(Line $entry): bool => ! $entry instanceof StandSet))))->nominal()->state;
        $state[$stand] = $first[$stand] + $scenario->standX;
        $state[$stand + 1] = $first[$stand + 1] + $scenario->standY;
        $state[$yaw] = $first[$yaw] + deg2rad($scenario->standTurn);
        $height = $scenario->targetHeight;
        if ($z !== null) {
            // Set up over its own floor, wherever that lies.
            $state[$z] += $height - $context->spot->height - $scenario->floorBelow;
            $state[$nominal->layout->z['siteFloor']] -= $scenario->floorBelow;
            $state[$nominal->layout->z['sensor']] += $scenario->sensorHeight - $context->cardSensor->height;
        }

        $record = new TaskRecord($entries, $plan->spoiledBy(...), $plan->spoiledByArm(...), $context->order->carMoved ?? []);
        foreach ($record->moves as $position => $move) {
            // Another arm, or a car that is moved, leaves the stand where it is against the line the truth is told by.
            if ($move instanceof StandMoved) {
                [$state, $height] = $this->moved($state, $height, $stand, $record, $position, $move);
            } elseif ($move instanceof StandBumped) {
                $state[$stand] += self::BUMP * $this->noise->draw("bump along $position");
                $state[$stand + 1] += self::BUMP * $this->noise->draw("bump across $position");
            }
        }
        $this->truth = new Geometry($nominal->layout, $state);
        $this->targetHeight = $height;
        $this->position = $record->position();
        $nudge = 0.0;
        foreach ($entries as $entry) {
            if ($record->positionOf($entry) === $this->position) {
                $nudge = $entry instanceof StandNudged ? $entry->away : $nudge;
            }
        }
        $this->nudge = $nudge;
        $times = [];
        foreach ($record->readings as $reading) {
            $times[$reading->call] = ($times[$reading->call] ?? 0) + 1;
        }
        $this->times = $times;
    }

    /** How often a call was read so far. */
    protected function times(string $call): int
    {
        return $this->times[$call] ?? 0;
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
        if ($this->plan->ground->isInSpace()) {
            return $this->errorInSpace();
        }
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

    /**
     * How the set-up is off at the truth, by the same figures that are estimated from the readings.
     *
     * @return array{float, float} degrees
     */
    private function errorInSpace(): array
    {
        $card = $this->context->card;
        $figures = Placement::figures($this->plan->task([], Guess::Nothing), $this->truth);
        $facing = deg2rad($this->context->sensor->facing);
        $grade = rad2deg(atan($this->truth->a * cos($facing) + $this->truth->b * sin($facing)));

        return [
            rad2deg($figures[$card->isPlate ? 'yaw' : 'bearing']->value),
            match (true) {
                $card->adjustment?->inclinometer !== null => -$grade,
                $card->isPlate => ($this->plan->standSet->tilt ?? 0.0) - $this->context->spot->tilt - $grade,
                default => rad2deg($figures['elevation']->value),
            },
        ];
    }

    /** By how much a second echo bends the bearing where the stand is now, degrees; none here. */
    public function bend(): float
    {
        return 0.0;
    }

    /** How strong that echo is against the target's, dB. */
    public function secondEcho(): float
    {
        return -60.0;
    }

    /**
     * The state of the unknowns with whatever else is wrong in this bay; nothing here.
     *
     * @param array<int, float> $state
     *
     * @return array<int, float>
     */
    protected function disturbed(array $state, Layout $layout): array
    {
        return $state;
    }

    /** Of the target from the sensor, mm. */
    public function range(): float
    {
        return hypot($this->truth->x['target'] - $this->truth->x['sensor'], $this->truth->y['target'] - $this->truth->y['sensor']);
    }

    /** What a staff under a level laser shows at a wheel or at this sensor's spot, mm. */
    public function staff(string $place): float
    {
        return 1200.0 + $this->fallen($place) + 0.4 * $this->noise->draw("staff $place");
    }

    /** How far the floor at a wheel or at this sensor's spot lies under a level laser plane's own middle, mm. */
    protected function fallen(string $place): float
    {
        return str_starts_with($place, 'site-') ? $this->scenario->floorBelow : 0.0;
    }

    /** What a steady hand would read, mm or degrees, with whatever is wrong with its tape or rule. */
    public function shown(Call $call): float
    {
        return $call->isSurveyed() ? $this->plan->reading($call, $this->truth) : $this->targetHeight;
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

        return $this->shown($call) + $s / 2 * $this->noise->draw("meter $this->position $call->id");
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
            $state[$this->plan->nominal()->layout->yaw['stand']] += ($plan->turn ?? 0.0) + deg2rad($slip('turn', $this->scenario->handsDegrees));
        }
        if (in_array(MoveKind::Shift, $move->kinds, true)) {
            $along = ($plan->along ?? 0.0) + $slip('along', $this->scenario->handsMm);
            $across = ($plan->across ?? 0.0) + $slip('across', $this->scenario->handsMm);
            $state[$stand] += $along * cos($heading) - $across * sin($heading);
            $state[$stand + 1] += $along * sin($heading) + $across * cos($heading);
        }
        if (in_array(MoveKind::Height, $move->kinds, true)) {
            $rise = -($setUp->height->deviation ?? 0.0) + $slip('height', $this->scenario->handsMm);
            $height += $rise;
            $z = $this->plan->nominal()->layout->z['stand'] ?? null;
            if ($z !== null) {
                $state[$z] += $rise;
            }
        }

        return [$state, $height];
    }
}
