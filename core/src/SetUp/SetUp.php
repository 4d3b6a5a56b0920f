<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Axis\AxisReading;
use Lumbro\Core\Axis\InclinometerElevation;
use Lumbro\Core\Axis\PlacementError;
use Lumbro\Core\Axis\PlateElevation;
use Lumbro\Core\Axis\ReflectorElevation;
use Lumbro\Core\Decision\Decision;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Failure\NoConvergence;
use Lumbro\Core\Failure\Underdetermined;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Measure\StandardUncertainty;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\Guess;
use Lumbro\Core\Method\Handling;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\Placement\Deviation;
use Lumbro\Core\Placement\Moves;
use Lumbro\Core\Placement\Placement;
use Lumbro\Core\Placement\PlacementTask;
use Lumbro\Core\Survey\Solution;

/** The set-up at one position of the stand: what its readings say, and what would have to change. */
final readonly class SetUp
{
    /** A deviation less sure than this is not measured: mm, rad. */
    private const VAGUE = 100.0;
    private const VAGUE_ANGLE = 3 * M_PI / 180;

    /** How well a plate's bubble or detent sets its tilt, degrees, standard. */
    private const TILT = 0.06;

    /** So far off, as a part of the tolerance, a stand is moved however well its place is known. */
    private const FAR = 0.2;

    /** From so many standard deviations on a figure is one to be doubted. */
    private const STRANGE = 2.0;

    /** So many of the sheet's figures may be set aside before the readings themselves are doubted. */
    private const SET_ASIDE = 3;

    /** How far a plate's face is from square to what is measured of it, degrees, standard. */
    private const SQUARE = 0.04;

    /** How far a target's echo comes from beside its drawing, mm, standard. */
    private const PHASE = 1.5;

    /** Of less redundancy than this a mistake shows nowhere (maths, section 2). */
    private const UNCHECKED = 0.05;

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

    /** @var list<string> what was known beforehand and was set aside because readings that were taken anew contradict it: ids of the survey */
    public array $aside;

    /** What could be wrong and not show; null where the rules do not ask. */
    private ?Hiding $hiding;

    /**
     * @param array<string, ReadingTaken> $readings  call → reading
     * @param list<string>                $confirmed calls whose reading came out the same when it was taken anew
     */
    public function __construct(private TaskContext $context, public MeasuringPlan $plan, public array $readings, private array $confirmed = [])
    {
        $found = null;
        $failure = null;
        if (isset($readings['height'])) {
            // A height to a place that the target does not have is nobody's reading.
            $plan->rise($readings['height']);
        }
        try {
            $found = $this->place();
        } catch (CoreFailure $caught) {
            $failure = $caught;
        }
        [$this->task, $this->placement, $this->solved, $this->aside] = $found ?? [null, null, false, []];
        $this->failure = $failure;
        $this->height = match (true) {
            ! isset($readings['height']) => null,
            $plan->ground->isInSpace() => $this->heightInSpace(),
            default => $this->heightVerdict($readings['height']),
        };
        $this->hiding = $plan->ground->isInSpace() && $this->placement !== null ? new Hiding($context, $plan, $readings, $this->placement) : null;
    }

    /** What one slip could do to an axis unseen; null where nobody asks, or the set-up is not placed. */
    public function guard(string $axis): ?Guard
    {
        return $this->isPlaced() ? $this->hiding?->of($axis) : null;
    }

    /**
     * The cheapest further readings after which no slip that would matter could hide.
     *
     * @param array<string, float> $left axis → what of its limit is left for a slip, degrees, where a run has been made
     *
     * @param list<string>|null    $moved respects that a move will put right; null where nobody asks for tolerances
     *
     * @param array<string, float> $spread axis → the standard uncertainty that the set-up may bring to it, degrees
     *
     * @return list<string>|null null where even all of them fall short, or the set-up is not placed
     */
    public function missing(array $left = [], ?array $moved = null, array $spread = []): ?array
    {
        return $this->isPlaced() ? $this->hiding?->missing($left, $moved, $spread) : null;
    }

    /**
     * Before anything is read: the cheapest of some readings that would prove the set-up.
     *
     * @param list<string> $pool ids of calls and staffs
     *
     * @return list<string>|null null where even all of them fall short
     */
    public function foreseen(array $pool): ?array
    {
        return $this->hiding?->foreseen($pool);
    }

    /** @return array<string, float> respect → how unsure it may be and still hold where hands put the stand, mm or rad */
    public function bearables(): array
    {
        return $this->hiding?->bearables() ?? [];
    }

    /** Whether no slip could hide that would matter, on every axis that the card limits. */
    public function isGuarded(): bool
    {
        foreach (AxisReading::AXES as $axis) {
            if ($this->guard($axis)?->holds() === false) {
                return false;
            }
        }

        return true;
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
        return $this->isPlaced() && $this->placement !== null ? $this->blamed($this->placement->solution) : [];
    }

    /**
     * Readings and staffs that a contradiction could sit in, the likeliest first, but for those that came out the same when
     * they were taken anew.
     *
     * @return list<string>
     */
    public function doubtful(): array
    {
        $doubtful = [];
        foreach ($this->placement->solution->residuals ?? [] as $residual) {
            if (! $residual->prior && abs($residual->w ?? 0.0) >= self::STRANGE && ! $this->isConfirmed($residual->id)) {
                $doubtful[$residual->id] = abs($residual->w ?? 0.0);
            }
        }
        arsort($doubtful);

        return array_map(strval(...), array_keys($doubtful));
    }

    /**
     * Readings that nothing checks: a mistake in one would show nowhere.
     *
     * @return list<string>
     */
    public function unchecked(): array
    {
        $unchecked = [];
        foreach ($this->isPlaced() && $this->plan->ground->isInSpace() ? $this->placement->solution->residuals ?? [] : [] as $residual) {
            if (! $residual->prior && $residual->redundancy < self::UNCHECKED && isset($this->readings[$residual->id])) {
                $unchecked[] = $residual->id;
            }
        }

        return $unchecked;
    }

    /**
     * What the readings taken say another one would show; null where the stand's place is not measured.
     *
     * @return array{value: float, uncertainty: float}|null mm or degrees, as it is read
     */
    public function foretold(Call $call): ?array
    {
        $solution = $this->isPlaced() ? $this->placement?->solution : null;
        if ($solution === null || ! $call->isSurveyed()) {
            return null;
        }
        $spread = sqrt($solution->variance($this->plan->equation($call, $solution->geometry)->row));

        return ['value' => $this->plan->reading($call, $solution->geometry), 'uncertainty' => $call->reads === Reads::Turn ? rad2deg($spread) : $spread];
    }

    /** Whether a reading came out the same when it was taken anew, so that it is not to blame. */
    public function isConfirmed(string $reading): bool
    {
        return in_array($reading, $this->confirmed, true);
    }

    /**
     * What a contradiction points at; in space, where no one stands out, what stands out most.
     *
     * @return list<string>
     */
    private function blamed(Solution $solution): array
    {
        $suspects = $solution->suspects();
        if ($suspects !== [] || $solution->isConsistent() !== false || ! $this->plan->ground->isInSpace()) {
            return $suspects;
        }
        $worst = null;
        foreach ($solution->residuals as $residual) {
            if ($worst === null || abs($residual->w ?? 0.0) > abs($worst->w ?? 0.0)) {
                $worst = $residual;
            }
        }

        return $worst === null ? [] : [$worst->id];
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

        return $this->isConsistent() === true && $this->isGuarded();
    }

    /**
     * The moves that would help: those of respects that do not hold but would if nothing were off.
     *
     * @param bool $small whether less than its own uncertainty is worth a move
     *
     * @return list<MoveKind> in the order that needs no going back
     */
    public function wantedMoves(bool $small = false): array
    {
        if ($this->isConsistent() === false) {
            return [];
        }
        $wanted = [];
        if ($this->isPlaced()) {
            if ($this->wouldHelp('yaw', $small)) {
                $wanted[] = MoveKind::Turn;
            }
            $places = array_filter($this->plan->ground->respects(), fn(string $name): bool => $name !== 'yaw' && $this->wouldHelp($name, $small));
            if ($places !== []) {
                $wanted[] = MoveKind::Shift;
            }
        }
        if ($this->wouldHelp('height', $small)) {
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
        [$moves, $survey] = $this->placement->planned($this->task, $turn, $shift, in_array(MoveKind::Height, $kinds, true));
        $predicted = [];
        foreach ($survey as $id => $value) {
            $call = $this->plan->call($id);
            $predicted[$id] = $call === null ? $value : $this->plan->asRead($call, $value, $this->readings[$id]->datum ?? null);
        }
        if ($this->plan->ground->isInSpace()) {
            return [$moves, $predicted];
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

        if ($bearing === null || ! $this->plan->ground->isInSpace()) {
            return $bearing === null ? null : new PlacementError(rad2deg($bearing->value()), rad2deg($bearing->uncertainty));
        }

        return new PlacementError(rad2deg($bearing->value()), hypot(rad2deg($bearing->uncertainty), $this->targetsOwn(self::SQUARE)), $this->guard('azimuth')?->largest());
    }

    /** What the target itself adds, degrees, standard: a plate's face against what is measured of it, else where its echo comes from. */
    private function targetsOwn(float $plate): float
    {
        if ($this->context->card->isPlate) {
            return $plate;
        }
        $at = $this->placement?->solution->geometry;

        return $at === null ? 0.0 : rad2deg(atan(self::PHASE / max(1.0, hypot($at->x['target'] - $at->x['sensor'], $at->y['target'] - $at->y['sensor']))));
    }

    /** What the set-up adds to an elevation reading, degrees; null where it is not known. */
    public function elevationError(): ?PlacementError
    {
        $card = $this->context->card;
        if ($this->plan->ground->isInSpace()) {
            return $this->elevationInSpace();
        }
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
        $measured = $this->context->sheet->knows("$sensor->id.height");
        [$x, $y] = $this->placement->solution->geometry->point('target');
        [$sx, $sy] = $this->placement->solution->geometry->point('sensor');
        $range = hypot($x->value - $sx->value, $y->value - $sy->value);

        return ReflectorElevation::error(
            targetExcess: $this->height->deviation,
            sTarget: $this->height->sReading,
            // A target set level with the sensor knows no design height to be off from.
            sensorExcess: $measured && ! $this->context->spot->level ? $sensor->height - $this->context->cardSensor->height : 0.0,
            sSensor: $measured ? $sensor->sOf('height') : $this->context->sheet->sSensorHeight,
            range: $range,
            sRange: $this->placement->deviations['along']->uncertainty,
            sRequired: $this->height->sFloor,
        );
    }

    /** The same of a survey in space: one figure of it, whatever kind of target or sensor it is. */
    private function elevationInSpace(): ?PlacementError
    {
        $card = $this->context->card;
        // A plate's tilt, and what an inclinometer feels, wait for no placement.
        $figure = $this->isPlaced() || $card->isPlate || $card->adjustment?->inclinometer !== null ? $this->hiding?->figure('elevation') : null;
        $solution = $this->placement?->solution;
        if ($figure === null || $solution === null) {
            return null;
        }

        return new PlacementError(rad2deg($figure->value), hypot(rad2deg($solution->uncertainty($figure)), $this->context->card->adjustment?->inclinometer === null ? $this->targetsOwn(self::TILT) : self::TILT), $this->guard('elevation')?->largest());
    }

    private function heightInSpace(): ?HeightVerdict
    {
        $height = $this->placement->deviations['height'] ?? null;
        if ($height === null || $height->uncertainty > self::VAGUE) {
            return null;
        }

        return new HeightVerdict($height->value(), $height->uncertainty, $height->tolerance, $height->decision, Handling::staff($this->context->kit), $this->plan->floor->s);
    }

    /**
     * The survey solved as it stands where that places the stand, otherwise with coarse guesses of its place.
     *
     * @return array{PlacementTask, Placement, bool, list<string>} with what was set aside
     */
    private function place(): array
    {
        $surveyed = array_filter($this->readings, fn(ReadingTaken $reading): bool => $this->plan->call($reading->call)?->isSurveyed() === true);
        if (count($surveyed) >= self::FEWEST) {
            // A plan of readings leaves out the stand's own turn where nothing asks for it.
            foreach ($this->plan->planned === [] ? [Guess::Nothing] : [Guess::Nothing, Guess::Yaw] as $guess) {
                try {
                    return $this->trusting($this->plan->task($this->readings, $guess));
                } catch (Underdetermined) {
                    // Some readings say the same of the stand: the others are still to come.
                } catch (NoConvergence $failure) {
                    // What next to nothing fixes runs away as well as what nothing does.
                    if ($guess === Guess::Yaw || $this->plan->planned === []) {
                        throw $failure;
                    }
                }
            }
        }
        $task = $this->plan->task($this->readings, Guess::Place);

        return [$task, Placement::of($task), false, []];
    }

    /**
     * The placement by what was read where that contradicts only what is known of the car beforehand: the sheet's figure
     * is set aside then, and counts no more than within what it could be off unseen.
     *
     * @return array{PlacementTask, Placement, bool, list<string>} with what was set aside
     */
    private function trusting(PlacementTask $task): array
    {
        $placement = Placement::of($task);
        $aside = [];
        for ($time = 0; $time < self::SET_ASIDE && $this->plan->ground->isInSpace(); $time++) {
            $doubted = $placement->solution->isConsistent() === false ? $this->blamed($placement->solution) : [];
            // A reading that came out the same when it was taken anew is not to blame.
            $readings = array_values(array_filter($doubted, fn(string $id): bool => str_starts_with($id, 'staff-') || $this->plan->call($id) !== null));
            if ($doubted === [] || array_diff($readings, $this->confirmed) !== []) {
                break;
            }
            // Of figures that could as well be wrong none is believed: a reading that tells them apart is asked for then.
            $figures = array_values(array_diff($doubted, $readings));
            $figures = array_diff($figures === [] ? array_filter([self::strangest($placement->solution)]) : $figures, $aside);
            if ($figures === []) {
                break;
            }
            array_push($aside, ...array_values($figures));
            $task = $task->on($task->network->doubting(...array_values($figures)));
            $placement = Placement::of($task);
        }

        return [$task, $placement, true, $aside];
    }

    /** What was known beforehand that the readings contradict most; null where that is nothing to speak of. */
    private static function strangest(Solution $solution): ?string
    {
        $found = null;
        $most = self::STRANGE;
        foreach ($solution->residuals as $residual) {
            if ($residual->prior && abs($residual->w ?? 0.0) > $most) {
                $most = abs($residual->w ?? 0.0);
                $found = $residual->id;
            }
        }

        return $found;
    }

    private function wouldHelp(string $name, bool $small): bool
    {
        $decision = $this->decision($name);
        if ($decision === null || $decision->verdict === Verdict::Holds) {
            return false;
        }
        [$uncertainty, $tolerance] = $name === 'height'
            ? [$this->height?->uncertainty, $this->height?->tolerance]
            : [$this->deviation($name)?->uncertainty, $this->deviation($name)?->tolerance];

        // What is less than its own uncertainty is no place to move to: the stand would follow the noise, again and again.
        if ($this->plan->ground->isInSpace() && $tolerance !== null && abs($this->off($name)) > max($tolerance * self::FAR, $small ? 0.0 : $uncertainty ?? 0.0)) {
            return true;
        }

        return $uncertainty !== null && $tolerance !== null
            && Decision::about(0.0, $uncertainty, $tolerance, $this->context->card->thresholds)->verdict === Verdict::Holds;
    }

    /** How far off a respect is, mm or rad. */
    private function off(string $name): float
    {
        return $name === 'height' ? $this->height->deviation ?? 0.0 : $this->deviation($name)?->value() ?? 0.0;
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
