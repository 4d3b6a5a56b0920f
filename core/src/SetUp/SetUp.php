<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Axis\InclinometerElevation;
use Lumbro\Core\Axis\PlacementError;
use Lumbro\Core\Axis\PlateElevation;
use Lumbro\Core\Axis\ReflectorElevation;
use Lumbro\Core\Decision\Decision;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Failure\Underdetermined;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Measure\StandardUncertainty;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Placement\Deviation;
use Lumbro\Core\Placement\Moves;
use Lumbro\Core\Placement\Placement;
use Lumbro\Core\Placement\PlacementTask;

/** The set-up at one position of the stand: what its readings say, and what would have to change. */
final readonly class SetUp
{
    /** A deviation less sure than this is not measured: mm, rad. */
    private const VAGUE = 100.0;
    private const VAGUE_ANGLE = 3 * M_PI / 180;

    /** How well a plate's bubble or detent sets its tilt, degrees, standard. */
    private const TILT = 0.06;

    /** Fewer readings cannot place a stand. */
    private const FEWEST = 3;

    /** What the readings say of the placement; with too few of them, together with coarse guesses of the stand's place. */
    public ?Placement $placement;

    /** Why the readings could not be solved. */
    public ?CoreFailure $failure;

    public ?HeightVerdict $height;

    /** The survey behind the placement. */
    private ?PlacementTask $task;

    /** Whether the readings place the stand by themselves. */
    private bool $solved;

    /** @param array<string, ReadingTaken> $readings call → reading */
    public function __construct(private TaskContext $context, public MeasuringPlan $plan, public array $readings)
    {
        $found = null;
        $failure = null;
        try {
            $found = $this->place();
        } catch (CoreFailure $caught) {
            $failure = $caught;
        }
        [$this->task, $this->placement, $this->solved] = $found ?? [null, null, false];
        $this->failure = $failure;
        $this->height = isset($readings['height']) ? $this->heightVerdict($readings['height']) : null;
    }

    /** Whether enough was read to place the stand. */
    public function isPlaced(): bool
    {
        if (! $this->solved) {
            return false;
        }
        foreach ($this->plan->ground->respects() as $name) {
            if ($this->deviation($name) === null) {
                return false;
            }
        }

        return true;
    }

    /** Whether the readings agree; null where nothing checks them, or not enough was read. */
    public function isConsistent(): ?bool
    {
        return $this->isPlaced() ? $this->placement?->solution->isConsistent() : null;
    }

    /** @return list<string> observations first; only where the readings disagree or one stands out */
    public function suspects(): array
    {
        return $this->isPlaced() && $this->placement !== null ? $this->placement->solution->suspects() : [];
    }

    /** One respect of the placement; null while it is not measured. */
    public function deviation(string $name): ?Deviation
    {
        $deviation = $this->placement->deviations[$name] ?? null;
        if ($deviation === null || $deviation->uncertainty > ($deviation->angular ? self::VAGUE_ANGLE : self::VAGUE)) {
            return null;
        }

        return $deviation;
    }

    /** The verdict on one respect of the placement, or on the height; null while it is not measured. */
    public function decision(string $name): ?Decision
    {
        return $name === 'height' ? $this->height?->decision : $this->deviation($name)?->decision;
    }

    /** Whether a respect was measured but the card gives no tolerance to judge it by. */
    public function isUnlimited(string $name): bool
    {
        return $name === 'height'
            ? $this->height !== null && $this->height->tolerance === null
            : $this->deviation($name) !== null && $this->deviation($name)->tolerance === null;
    }

    /** Whether everything the run needs of the placement holds, and something has checked it. */
    public function holds(): bool
    {
        foreach ($this->plan->respects() as $name) {
            if ($this->decision($name)?->verdict !== Verdict::Holds) {
                return false;
            }
        }

        return $this->isConsistent() === true;
    }

    /**
     * The moves that would help: those of respects that do not hold but would if nothing were off.
     *
     * @return list<MoveKind> in the order that needs no going back
     */
    public function wantedMoves(): array
    {
        if ($this->isConsistent() === false) {
            return [];
        }
        $wanted = [];
        if ($this->isPlaced()) {
            if ($this->wouldHelp('yaw')) {
                $wanted[] = MoveKind::Turn;
            }
            $places = array_filter($this->plan->ground->respects(), fn(string $name): bool => $name !== 'yaw' && $this->wouldHelp($name));
            if ($places !== []) {
                $wanted[] = MoveKind::Shift;
            }
        }
        if ($this->wouldHelp('height')) {
            $wanted[] = MoveKind::Height;
        }

        return $wanted;
    }

    /**
     * The stand's moves and what each call should read after them.
     *
     * @param list<MoveKind> $kinds
     *
     * @return array{Moves, array<string, float>}|null readings in mm or degrees; null while the stand's place is not measured
     */
    public function plan(array $kinds): ?array
    {
        if (! $this->isPlaced() || $this->placement === null || $this->task === null) {
            return null;
        }
        $turn = in_array(MoveKind::Turn, $kinds, true);
        $shift = in_array(MoveKind::Shift, $kinds, true);
        [$moves, $survey] = $this->placement->planned($this->task, $turn, $shift);
        $predicted = [];
        foreach ($survey as $id => $value) {
            $predicted[$id] = $this->plan->call($id)?->asRead($value) ?? $value;
        }
        if (in_array(MoveKind::Height, $kinds, true)) {
            $spot = $this->context->spot;
            $datum = $this->readings['height']->datum ?? $spot->heightDatum;
            $predicted['height'] = $this->context->card->target->convert($this->plan->requiredHeight(), $spot->heightDatum, $datum);
        } elseif (isset($this->readings['height'])) {
            $predicted['height'] = $this->readings['height']->value;
        }

        return [$moves, $predicted];
    }

    /** What the set-up adds to an azimuth reading, degrees; null where it is not known. */
    public function azimuthError(): ?PlacementError
    {
        // A plate sends back what strikes it square: it feels its own turn and not its place across, a reflector the reverse.
        $bearing = $this->isPlaced() ? $this->deviation($this->context->card->isPlate ? 'yaw' : 'bearing') : null;

        return $bearing === null ? null : new PlacementError(rad2deg($bearing->value()), rad2deg($bearing->uncertainty));
    }

    /** What the set-up adds to an elevation reading, degrees; null where it is not known. */
    public function elevationError(): ?PlacementError
    {
        $card = $this->context->card;
        $grade = $this->plan->floor->slope($this->context);
        if ($card->adjustment?->inclinometer !== null) {
            return InclinometerElevation::error($grade->value, $grade->uncertainty);
        }
        if ($card->isPlate) {
            $tilt = ($this->plan->standSet->tilt ?? 0.0) - $this->context->spot->tilt;

            return PlateElevation::error($tilt, self::TILT, $grade->value, $grade->uncertainty);
        }
        if ($this->height === null || ! $this->isPlaced() || $this->placement === null) {
            return null;
        }
        $sensor = $this->context->sensor;
        $measured = in_array("$sensor->id.height", $this->context->sheet->measured, true);
        [$x, $y] = $this->placement->solution->geometry->point('target');
        [$sx, $sy] = $this->placement->solution->geometry->point('sensor');
        $range = hypot($x->value - $sx->value, $y->value - $sy->value);

        return ReflectorElevation::error(
            targetExcess: $this->height->deviation,
            sTarget: $this->height->sReading,
            // A target set level with the sensor knows no design height to be off from.
            sensorExcess: $measured && ! $this->context->spot->level ? $sensor->height - $this->context->cardSensor->height : 0.0,
            sSensor: $measured ? $sensor->s : $this->context->sheet->sSensorHeight,
            range: $range,
            sRange: $this->placement->deviations['along']->uncertainty,
            sRequired: $this->height->sFloor,
        );
    }

    /**
     * The survey solved as it stands where that places the stand, otherwise with coarse guesses of its place.
     *
     * @return array{PlacementTask, Placement, bool}
     */
    private function place(): array
    {
        $surveyed = array_filter($this->readings, fn(ReadingTaken $reading): bool => $this->plan->call($reading->call)?->isSurveyed() === true);
        if (count($surveyed) >= self::FEWEST) {
            try {
                $task = $this->plan->task($this->readings, false);

                return [$task, Placement::of($task), true];
            } catch (Underdetermined) {
                // Some readings say the same of the stand: the others are still to come.
            }
        }
        $task = $this->plan->task($this->readings, true);

        return [$task, Placement::of($task), false];
    }

    private function wouldHelp(string $name): bool
    {
        $decision = $this->decision($name);
        if ($decision === null || $decision->verdict === Verdict::Holds) {
            return false;
        }
        [$uncertainty, $tolerance] = $name === 'height'
            ? [$this->height?->uncertainty, $this->height?->tolerance]
            : [$this->deviation($name)?->uncertainty, $this->deviation($name)?->tolerance];

        return $uncertainty !== null && $tolerance !== null
            && Decision::about(0.0, $uncertainty, $tolerance, $this->context->card->thresholds)->verdict === Verdict::Holds;
    }

    private function heightVerdict(ReadingTaken $reading): HeightVerdict
    {
        $card = $this->context->card;
        $spot = $this->context->spot;
        $staff = $this->context->kit->staff;
        $measured = $card->target->convert($reading->value, $reading->datum ?? $spot->heightDatum, $spot->heightDatum);
        $deviation = $measured - $this->plan->requiredHeight();
        $s = StandardUncertainty::ofReading($staff->accuracy, $staff->resolution);
        $uncertainty = hypot($s, $this->plan->floor->s);

        return new HeightVerdict(
            $deviation,
            $uncertainty,
            $spot->toleranceHeight,
            $spot->toleranceHeight === null ? null : Decision::about($deviation, $uncertainty, $spot->toleranceHeight, $card->thresholds),
            $s,
            $this->plan->floor->s,
        );
    }
}
