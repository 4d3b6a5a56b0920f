<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

use Lumbro\Core\Axis\PlacementError;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Decision\Decision;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\CauseChecked;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Journal\StandBumped;
use Lumbro\Core\Screws\AxisPair;
use Lumbro\Core\SetUp\SetUp;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\SetUp\TaskRecord;

/** Where the run and the proof of a task stand: a pure function of its record (needs J24 to J31). */
final class RunState
{
    /** What a screw may lose in its thread when it is brought to its place in one sense, turns. */
    private const BACKLASH = 0.2;

    public readonly RunLog $log;

    public readonly Routine $routine;

    public readonly Policy $policy;

    /** The axis as it is known now; null where it was not read since something was changed at it. */
    public readonly ?AxisFinding $finding;

    public readonly EchoTrend $echo;

    /** @var array<int, AxisFinding> group → what it says */
    private array $findings = [];

    private ?Diagnosis $diagnosis = null;

    /**
     * @param list<Line>            $entries the task's record, in order
     * @param \Closure(int): SetUp   $setUpAt the set-up at a position of the stand
     * @param bool                   $isBack  whether the target is known to stand where it was measured
     */
    public function __construct(private readonly TaskContext $context, array $entries, private readonly TaskRecord $record, private readonly \Closure $setUpAt, private readonly bool $isBack = true)
    {
        $this->log = new RunLog($entries, $record, Routine::steps($context->card, $context->rules));
        $this->routine = Routine::of($context->card, $context->rules, $this->log);
        $this->policy = $context->policy();
        $this->finding = $this->found();
        $this->echo = EchoTrend::of(
            array_values(array_filter(array_map(static fn(RunMade $run): ?float => $run->echoLevel, $this->log->group()->runs ?? []), static fn(?float $level): bool => $level !== null)),
            $context->card->echo?->expected,
            $context->card->echo?->within,
            $context->earlierLevels,
        );
    }

    /** Whether the axis is proven as often as the shop wants to see it. */
    public function isProven(): bool
    {
        return $this->finding?->verdict() === Verdict::Holds
            && $this->finding->readings >= $this->policy->readings
            && $this->finding->repeats
            && $this->log->shift === 0.0
            && $this->log->nudge === 0.0
            && $this->log->trouble === null
            && $this->log->finished
            && $this->isBack
            && $this->diagnosis()->faultToSendBack() === null
            && $this->diagnosis()->secondLook() === null
            && ! ($this->isEchoOdd() && $this->likely() !== null);
    }

    /** Whether the target is known to stand where it was measured: not since it was taken away and brought back. */
    public function isBack(): bool
    {
        return $this->isBack;
    }

    /** Whether the echo is far from what is expected. */
    public function isEchoOdd(): bool
    {
        return in_array($this->echo->verdict, ['low', 'high'], true);
    }

    /** Whether the empty zone echoed nearly as the target does, and nobody has looked for what it was. */
    public function isZoneFull(): bool
    {
        $empty = $this->log->figure('emptyLevel');

        return $empty !== null && $this->echo->expected !== null && ! isset($this->log->checks[Cause::Clutter->value])
            && $empty - $this->echo->expected > $this->emptyUnder();
    }

    /** How far the empty zone must lie under the target, dB, ≤ 0. */
    public function emptyUnder(): float
    {
        $limits = array_filter([$this->context->cardSensor->limitAzimuth, $this->context->cardSensor->limitElevation], static fn(?float $limit): bool => $limit !== null);

        return $this->context->rules->isInSpace() && $limits !== [] ? SecondEcho::allowed(min($limits)) : Diagnosis::NOT_EMPTY;
    }

    /** Whether the sensor may be adjusted at all: one that is owed nothing is only read. */
    public function isOnlyRead(): bool
    {
        return $this->context->owed->state === OwedState::NotOwed;
    }

    /** Causes ranked by this task's own evidence. */
    public function diagnosis(): Diagnosis
    {
        return $this->diagnosis ??= Diagnosis::of($this->evidence());
    }

    /** The likeliest cause that was not looked into; null where none is likely enough to be worth it. */
    public function likely(): ?Cause
    {
        $next = $this->diagnosis()->next();
        foreach ($this->diagnosis()->ranked as ['cause' => $cause, 'chance' => $chance]) {
            if ($cause === $next) {
                return $chance >= 0.04 ? $cause : null;
            }
        }

        return null;
    }

    /** What the axis was found to be after so many corrections, with the target in its place; null where it was not read. */
    public function findingAfter(int $corrections): ?AxisFinding
    {
        foreach (array_reverse($this->log->groups, true) as $i => $group) {
            if ($group->corrections === $corrections && $group->shift === 0.0) {
                return $this->findingOf($i);
            }
        }

        return null;
    }

    /** The turns that would take the axis right; null where there are no screws or the axis is not known. */
    public function screws(): ?ScrewPlan
    {
        $screws = $this->context->card->adjustment->screws ?? [];
        if (count($screws) < 2 || $this->finding === null) {
            return null;
        }
        $findings = array_map($this->findingAfter(...), range(0, count($this->log->corrections)));

        return ScrewPlan::of($screws, $this->finding, $this->log->corrections, $findings, $this->context->cardSensor, $this->context->rules->isInSpace() ? self::BACKLASH : 0.0);
    }

    /** Electronic zeros stored in the sensor, those from before this task among them, degrees. */
    public function zeroSum(): AxisPair
    {
        $sum = new AxisPair($this->log->figure('zeroAzimuth') ?? 0.0, $this->log->figure('zeroElevation') ?? 0.0);
        foreach ($this->log->corrections as $correction) {
            if ($correction->isElectronic()) {
                $sum = new AxisPair($sum->azimuth + $correction->azimuth, $sum->elevation + $correction->elevation);
            }
        }

        return $sum;
    }

    /** The zero that would take the axis right, degrees; null where it is not known. */
    public function zeroWanted(): ?AxisPair
    {
        return $this->finding === null ? null : new AxisPair(-$this->finding->verdicts['azimuth']->misalignment, -$this->finding->verdicts['elevation']->misalignment);
    }

    /** Whether the zero that is wanted fits; true where it is not known yet. */
    public function zeroFits(): bool
    {
        $wanted = $this->zeroWanted();

        return $wanted === null || $this->takesZero($wanted);
    }

    /** Whether the sum of the zeros stays within what the sensor takes with this one, degrees; true where the card gives no range. */
    public function takesZero(AxisPair $zero): bool
    {
        $range = $this->context->card->adjustment?->zeroRange;
        $sum = $this->zeroSum();

        return $range === null || max(abs($sum->azimuth + $zero->azimuth), abs($sum->elevation + $zero->elevation)) <= $range;
    }

    /** The shift test: asked for, under way, or with what came of it; null where the range is not known. */
    public function shiftTest(): ?ShiftPlan
    {
        $range = $this->range();
        if ($range === null) {
            return null;
        }
        $back = $this->context->sensor->looksBack();
        $s = $this->context->cardSensor->s;
        $groups = $this->log->groups;
        foreach (array_reverse($groups, true) as $i => $group) {
            $before = $groups[$i - 1] ?? null;
            if ($group->shift !== 0.0 && $before !== null && $before->shift === 0.0 && $group->corrections === count($this->log->corrections)) {
                return ShiftPlan::made($group->shift, $range, $back, $this->findingOf($i - 1), $this->findingOf($i), $s);
            }
        }

        return ShiftPlan::planned($range, $back, $s);
    }

    /** Of the target from the sensor, mm. */
    private function range(): ?float
    {
        $geometry = ($this->setUpAt)($this->record->position())->placement?->solution->geometry;

        return $geometry === null ? null : hypot($geometry->x['target'] - $geometry->x['sensor'], $geometry->y['target'] - $geometry->y['sensor']);
    }

    private function found(): ?AxisFinding
    {
        $group = $this->log->group();
        if ($group !== null && ($this->record->moves[$group->position] ?? null) instanceof StandBumped) {
            // Nobody knows when it was bumped: what was read there may have been read of another place.
            return null;
        }
        $index = $group === null ? null : array_search($group, $this->log->groups, true);
        $now = is_int($index) ? $this->findingOf($index) : null;
        $zeros = $this->trailingZeros();
        if ($zeros === []) {
            return $now;
        }
        $base = count($this->log->corrections) - count($zeros);
        $before = $this->findingAfter($base);
        if ($before === null) {
            return $now?->unprovenBecause('electronic-zero');
        }
        $sum = ['azimuth' => 0.0, 'elevation' => 0.0];
        foreach ($zeros as $zero) {
            $sum['azimuth'] += $zero->azimuth;
            $sum['elevation'] += $zero->elevation;
        }
        $samePlace = $group !== null && $group->position === $this->positionOf($base);

        return $before->afterZero($sum, $now, $samePlace, $this->context);
    }

    private function positionOf(int $corrections): ?int
    {
        foreach (array_reverse($this->log->groups) as $group) {
            if ($group->corrections === $corrections && $group->shift === 0.0) {
                return $group->position;
            }
        }

        return null;
    }

    /** @return list<Corrected> the electronic zeros since the sensor itself was last adjusted */
    private function trailingZeros(): array
    {
        $zeros = [];
        foreach (array_reverse($this->log->corrections) as $correction) {
            if (! $correction->isElectronic()) {
                break;
            }
            array_unshift($zeros, $correction);
        }

        return $zeros;
    }

    private function findingOf(int $index): AxisFinding
    {
        $group = $this->log->groups[$index];

        return $this->findings[$index] ??= $this->judge($group);
    }

    private function judge(AxisGroup $group): AxisFinding
    {
        $setUp = ($this->setUpAt)($group->position);
        $errors = ['azimuth' => $setUp->azimuthError(), 'elevation' => $setUp->elevationError()];
        if ($group->shift !== 0.0) {
            // A target that is shifted on purpose is taken as it stands: only the change of its reading counts.
            $errors = array_map(static fn(?PlacementError $error): ?PlacementError => $error, $errors);
        }

        return AxisFinding::of($group->runs !== [] ? $group->runs : throw new \LogicException('A group holds a reading.'), $this->context, $errors, $this->bias(), match (true) {
            // A run released past its bars is still no proof by a card that nobody has checked (need J38).
            ! $this->context->card->isChecked() => 'card-unchecked',
            $setUp->isConsistent() === false => 'inconsistent',
            default => null,
        }, $this->context->rules->isInSpace() ? $group->nudges : []);
    }

    /**
     * Where the stand goes next on a walk that was begun or would settle what a second echo leaves open, mm away from
     * where it was measured.
     *
     * @return float|null null where there is nothing to walk for, or the card does not say the frequency
     */
    public function nudge(): ?float
    {
        $group = $this->log->group();
        $frequency = $this->context->card->echo?->frequency;

        return $group === null || $frequency === null ? null : WalkPlan::next($frequency, $group->nudges);
    }

    /** Whether the axis would be proven if no second echo could bend what it reads. */
    public function wouldWalkProve(): bool
    {
        $finding = $this->finding;
        if ($finding === null || $finding->basis !== 'readings' || $this->bias() <= 0.0 || $finding->verdict() !== Verdict::Unproven) {
            return false;
        }
        foreach ($finding->verdicts as $axis => $verdict) {
            if ($verdict->decision === null || $verdict->limit === null || $verdict->decision->verdict === Verdict::Holds) {
                continue;
            }
            $without = sqrt(max(0.0, $verdict->uncertainty ** 2 - $this->bias() ** 2));
            $hidden = $finding->setUp[$axis]->hidden ?? 0.0;
            if ($verdict->decision->reason !== null || $hidden > $verdict->limit - abs($verdict->misalignment) || Decision::about($verdict->misalignment, $without, $verdict->limit, $this->context->card->thresholds)->verdict !== Verdict::Holds) {
                return false;
            }
        }

        return true;
    }

    /** What a second echo may add to all readings of a place alike, degrees, standard; none by rules that did not ask. */
    private function bias(): float
    {
        if (! $this->context->rules->isInSpace()) {
            return 0.0;
        }
        $empty = $this->log->figure('emptyLevel');

        return SecondEcho::bias($empty === null || $this->context->card->echo?->expected === null ? null : $empty - $this->context->card->echo->expected);
    }

    private function evidence(): Clues
    {
        $setUp = ($this->setUpAt)($this->record->position());
        $verdicts = array_map(static fn(string $name): ?Verdict => $setUp->decision($name)?->verdict, $setUp->plan->respects());
        // What was found put the trouble right, or sends the car back: either way the trouble is what speaks of it.
        $found = array_filter($this->log->checks, static fn(CauseChecked $check): bool => $check->found) !== [];
        $last = $this->log->troubles === [] ? null : $this->log->troubles[count($this->log->troubles) - 1];
        $trouble = ($this->log->trouble ?? ($found && $this->log->group() === null ? $last : null));
        $reason = $trouble?->values['reason'] ?? null;
        $level = $trouble?->values['level'] ?? null;
        $expected = $this->echo->expected;
        $empty = $this->log->figure('emptyLevel');
        $voltage = $trouble?->values['voltage'] ?? null;
        $plan = $this->log->rounds() > 0 ? $this->screws() : null;

        return new Clues(
            reason: is_string($reason) ? $reason : null,
            excess: is_float($level) && $expected !== null ? $level - $expected : ($trouble === null ? $this->echo->excess() : null),
            voltage: is_float($voltage) ? $voltage : $this->log->figure('voltage'),
            setUp: match (true) {
                $setUp->holds() => Verdict::Holds,
                in_array(Verdict::Out, $verdicts, true) => Verdict::Out,
                default => Verdict::Unproven,
            },
            emptyLevel: $empty === null || $expected === null ? null : $empty - $expected,
            emptyUnder: $this->emptyUnder(),
            film: $this->context->order?->filmHolds,
            gain: $plan === null || ! $plan->wasTurned ? null : $plan->suspects === [],
            strays: $this->finding !== null && ! $this->finding->repeats,
            shift: $this->shiftTest()?->test?->result,
            unheard: $this->log->unheard,
            code: ($trouble->codes ?? []) !== [],
            checked: array_map(static fn(CauseChecked $check): bool => $check->found, $this->log->checks),
            once: $this->context->rules->isInSpace() ? array_keys(array_filter($this->log->looks, static fn(int $looks): bool => $looks === 1)) : [],
        );
    }
}
