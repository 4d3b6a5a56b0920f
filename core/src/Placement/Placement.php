<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

use Lumbro\Core\Decision\Decision;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\NoDirection;
use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Survey\EquationSystem;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\LeastSquares;
use Lumbro\Core\Survey\Reliability;
use Lumbro\Core\Survey\Solution;

/** Where the target is against where it must be, what to move, and what should be read then (maths, section 3). */
final readonly class Placement
{
    /**
     * @param array{float, float}      $required   the spot, mm
     * @param float|null               $requiredYaw rad, where the card wants one
     * @param array<string, Deviation> $deviations along, across, then yaw and bearing where they apply
     * @param array<string, float>     $predicted  observation → its reading after the moves, mm or rad; none where it would say nothing
     */
    private function __construct(
        public Solution $solution,
        public array $required,
        public ?float $requiredYaw,
        public float $referenceHeading,
        public array $deviations,
        public Moves $moves,
        public array $predicted,
        private ReferenceFrame $frame,
    ) {}

    /** @throws CoreFailure where the survey itself cannot be solved */
    public static function of(PlacementTask $task): self
    {
        try {
            $solution = LeastSquares::solve($task->network);
        } catch (InvalidInput $failure) {
            throw InvalidInput::under('/network', $failure);
        }

        return self::judge($task, $solution);
    }

    /** The placement of a survey that has been solved already. */
    public static function judge(PlacementTask $task, Solution $solution): self
    {
        $at = $solution->geometry;
        $frame = ReferenceFrame::of($task->reference, $at);
        $required = self::spot($task->spot, $frame, $at);
        $yaw = $task->facing === null ? null : self::requiredYaw($task->facing, $frame, $required, $at);
        $figures = self::compared($task, $frame, $required, $yaw, $at);
        $reliability = $task->reliably === null ? null : new Reliability($solution);
        $deviations = [];
        foreach ($figures as $name => $figure) {
            $deviations[$name] = self::assess($task, $solution, $reliability, $name, $figure);
        }
        $moves = self::moves(
            $task,
            $frame,
            [$required[0]->value, $required[1]->value],
            isset($figures['yaw']) ? -$figures['yaw']->value : 0.0,
            $at,
        );

        return new self(
            solution: $solution,
            required: [$required[0]->value, $required[1]->value],
            requiredYaw: $yaw?->value,
            referenceHeading: $frame->heading->value,
            deviations: $deviations,
            moves: $moves,
            predicted: self::predict($task, $frame, $moves, $at),
            frame: $frame,
        );
    }

    /**
     * How far the target is from where it must be in each respect, at a state of the unknowns.
     *
     * @return array<string, Dual> along, across, then yaw, bearing, height and elevation where they apply
     */
    public static function figures(PlacementTask $task, Geometry $at): array
    {
        $frame = ReferenceFrame::of($task->reference, $at);
        $required = self::spot($task->spot, $frame, $at);

        return self::compared($task, $frame, $required, $task->facing === null ? null : self::requiredYaw($task->facing, $frame, $required, $at), $at);
    }

    /**
     * @param array{Dual, Dual} $required
     *
     * @return array<string, Dual>
     */
    private static function compared(PlacementTask $task, ReferenceFrame $frame, array $required, ?Dual $yaw, Geometry $at): array
    {
        $target = $at->point($task->target);
        $miss = [$target[0]->minus($required[0]), $target[1]->minus($required[1])];

        $figures = ['along' => $frame->along($miss), 'across' => $frame->across($miss)];
        if ($yaw !== null) {
            $figures['yaw'] = $at->bodyYaw($task->body)->minus($yaw)->wrapped();
        }
        if ($task->sensor !== null) {
            $figures['bearing'] = self::bearing($task, $task->sensor, $frame, $required, $target, $at);
        }
        if ($task->height !== null) {
            $figures['height'] = $at->height($task->target)->minus(Dual::constant($task->height));
        }
        if ($task->height !== null && $task->sensor !== null && $at->layout->isInSpace($task->sensor->point)) {
            $figures['elevation'] = self::elevation($task, $task->sensor, $task->height, $frame, $required, $target, $at);
        }
        if ($task->tellsRange && $task->spot instanceof PolarSpot) {
            $figures['range'] = self::range($task->spot, $target, $at);
        }

        return $figures;
    }

    /**
     * The moves when only some are made, and what the observations should read after them.
     *
     * @param PlacementTask $task the one this placement is of
     *
     * @return array{Moves, array<string, float>}
     */
    public function planned(PlacementTask $task, bool $turn, bool $shift, bool $raise = false): array
    {
        $at = $this->solution->geometry;
        $by = $turn ? $this->moves->turn : 0.0;
        $whole = self::moves($task, $this->frame, $this->required, $by, $at);
        $moves = new Moves($by, $shift ? $whole->along : 0.0, $shift ? $whole->across : 0.0, $raise ? $whole->height : null);

        return [$moves, self::predict($task, $this->frame, $moves, $at)];
    }

    /**
     * @return array{Dual, Dual}
     */
    private static function spot(Spot $spot, ReferenceFrame $frame, Geometry $at): array
    {
        $datum = $at->point($spot->datum());
        if ($spot instanceof PolarSpot) {
            $bearing = Dual::constant($spot->bearing)->plus($frame->heading);

            return [
                $datum[0]->plus($bearing->cos()->scaled($spot->range)),
                $datum[1]->plus($bearing->sin()->scaled($spot->range)),
            ];
        }
        assert($spot instanceof CartesianSpot);

        return $frame->shifted($spot->acrossFromDatum ? $datum : $frame->foot($datum), $spot->along, $spot->across);
    }

    /** @param array{Dual, Dual} $required */
    private static function requiredYaw(Facing $facing, ReferenceFrame $frame, array $required, Geometry $at): Dual
    {
        if ($facing->aimAt === null) {
            return $frame->heading->plus(Dual::constant($facing->yaw ?? 0.0));
        }

        return Direction::between($required, $at->point($facing->aimAt), '/spec/aimAt', 'aim');
    }

    /**
     * Bearing of the target from the sensor's estimated place less the specified bearing.
     *
     * @param array{Dual, Dual} $required
     * @param array{Dual, Dual} $target
     */
    private static function bearing(
        PlacementTask $task,
        SensorPlace $place,
        ReferenceFrame $frame,
        array $required,
        array $target,
        Geometry $at,
    ): Dual {
        $sensor = $at->point($place->point);
        $seen = Direction::between($sensor, $target, '/sensor', 'sensor-target');
        if ($task->spot instanceof PolarSpot && $task->spot->datum() === $place->point) {
            $specified = $frame->heading->plus(Dual::constant($task->spot->bearing));
        } else {
            $specified = Direction::between(self::designed($place, $frame, $at) ?? $sensor, $required, '/sensor', 'sensor-spot');
        }

        return $seen->minus($specified)->wrapped();
    }

    /**
     * Where the sensor sits by its drawing.
     *
     * @return array{Dual, Dual}|null mm; null where no drawing says so
     */
    private static function designed(SensorPlace $place, ReferenceFrame $frame, Geometry $at): ?array
    {
        return $place->design === null
            ? null
            : $frame->shifted($frame->foot($at->point($place->design['from'])), $place->design['along'], $place->design['across']);
    }

    /**
     * Elevation of the target from the sensor's estimated place less the specified elevation.
     *
     * @param float              $height   specified, mm over the wheels' plane
     * @param array{Dual, Dual} $required
     * @param array{Dual, Dual} $target
     */
    private static function elevation(PlacementTask $task, SensorPlace $place, float $height, ReferenceFrame $frame, array $required, array $target, Geometry $at): Dual
    {
        $sensor = $at->point($place->point);
        $rise = $at->height($task->target)->minus($at->height($place->point));
        $seen = Dual::atan2($rise, Direction::distance($sensor, $target));
        $far = $task->spot instanceof PolarSpot && $task->spot->datum() === $place->point
            ? Dual::constant($task->spot->range)
            : Direction::distance($place->designHeight === null ? $sensor : self::designed($place, $frame, $at) ?? $sensor, $required);
        $from = $place->designHeight === null ? $at->height($place->point) : Dual::constant($place->designHeight);

        return $seen->minus(Dual::atan2(Dual::constant($height)->minus($from), $far));
    }

    /**
     * The target's range from the datum less the specified one.
     *
     * @param array{Dual, Dual} $target
     */
    private static function range(PolarSpot $spot, array $target, Geometry $at): Dual
    {
        $datum = $at->point($spot->datum());
        $to = Direction::between($datum, $target, '/spec', 'datum-target');

        return $target[0]->minus($datum[0])->times($to->cos())
            ->plus($target[1]->minus($datum[1])->times($to->sin()))
            ->minus(Dual::constant($spot->range));
    }

    private static function assess(PlacementTask $task, Solution $solution, ?Reliability $reliability, string $name, Dual $figure): Deviation
    {
        $uncertainty = $solution->uncertainty($figure);
        $tolerance = $task->tolerances->of($name);
        $hidden = $reliability?->hidden($figure);
        $limit = $task->reliably->limits[$name] ?? null;
        $decision = null;
        if ($tolerance !== null) {
            $decision = Decision::about($figure->value, $uncertainty, $tolerance, $task->thresholds);
            if ($solution->isConsistent() === false) {
                $decision = $decision->unprovenBecause('inconsistent');
            } elseif ($decision->verdict === Verdict::Holds && $hidden !== null && $limit !== null && ! $hidden->isWithin($limit)) {
                $decision = $decision->unprovenBecause('unguarded');
            }
        }
        $best = null;
        foreach ($task->candidates as $k => $candidate) {
            try {
                $with = $solution->uncertaintyWith($figure, $candidate);
            } catch (NoDirection $failure) {
                throw $failure->ofObservation($k)->inList('/candidates');
            }
            if ($best === null || $with < $best['uncertainty']) {
                $best = ['id' => $candidate->id(), 'uncertainty' => $with];
            }
        }

        return new Deviation(
            $figure,
            Deviation::isAngle($name),
            $uncertainty,
            $tolerance,
            $decision,
            $solution->contributions($figure),
            $best,
            hidden: $hidden,
            bestGuard: $reliability?->bestGuard($figure, $task->candidates, $task->reliably->bounds ?? []),
        );
    }

    /** @param array{float, float} $required */
    private static function moves(PlacementTask $task, ReferenceFrame $frame, array $required, float $turn, Geometry $at): Moves
    {
        $state = $at->state;
        $state[$at->layout->yaw[$task->body]] += $turn;
        $turned = new Geometry($at->layout, $state);
        $rise = $task->height === null ? null : $task->height - $turned->z[$task->target];
        $missX = $required[0] - $turned->x[$task->target];
        $missY = $required[1] - $turned->y[$task->target];
        $heading = $frame->heading->value;

        return new Moves(
            Angle::wrap($turn),
            $missX * cos($heading) + $missY * sin($heading),
            -$missX * sin($heading) + $missY * cos($heading),
            $rise,
        );
    }

    /** @return array<string, float> */
    private static function predict(PlacementTask $task, ReferenceFrame $frame, Moves $moves, Geometry $at): array
    {
        $heading = $frame->heading->value;
        $state = $at->state;
        $place = $at->layout->free[$task->body];
        $rise = $moves->height ?? 0.0;
        $state[$place] += $moves->along * cos($heading) - $moves->across * sin($heading);
        $state[$place + 1] += $moves->along * sin($heading) + $moves->across * cos($heading);
        $state[$at->layout->yaw[$task->body]] += $moves->turn;
        if ($moves->height !== null) {
            $state[$at->layout->z[$task->body]] += $rise;
        }
        $after = new Geometry($at->layout, $state);
        $predicted = [];
        foreach ((new EquationSystem($task->network->observations, $at->layout))->readings($after) as $k => $reading) {
            if ($reading !== null) {
                $predicted[$task->network->observations[$k]->id()] = $reading;
            }
        }

        return $predicted;
    }
}
