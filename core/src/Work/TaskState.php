<?php

declare(strict_types=1);

namespace Lumbro\Core\Work;

use Lumbro\Core\Axis\AxisReading;
use Lumbro\Core\Axis\AxisVerdict;
use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Intake\Bar;
use Lumbro\Core\Intake\Owed;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\Reliance;
use Lumbro\Core\Journal\StandMoved;
use Lumbro\Core\Journal\StandSet;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\Run\RunResult;
use Lumbro\Core\Run\RunState;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\SetUp;
use Lumbro\Core\SetUp\SiteFloor;
use Lumbro\Core\SetUp\SpotRoom;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\SetUp\TaskRecord;
use Lumbro\Core\Version;

/** Where a sensor task stands: a pure function of its record and of what it rests on. */
final readonly class TaskState
{
    public Owed $owed;

    public MeasuringPlan $plan;

    public TaskRecord $record;

    /** @var array<string, Answered> item → what was answered to it: of the car at the order, of the line here */
    public array $answers;

    public SetUp $setUp;

    /** @var list<MoveKind> moves to make now */
    public array $moves;

    /** @var array<string, float> call → what it should read now, mm or degrees */
    public array $expected;

    /** @var list<string> calls to read now, in the order of work */
    public array $due;

    /** @var list<Bar> why the run may not start; empty when it may */
    public array $bars;

    /** The run and the proof. */
    public RunState $run;

    /** @var list<RunResult> oldest first */
    public array $runs;

    private Looked $looked;

    /**
     * @param list<Line>        $entries the task's record, in order
     * @param MeasuringPlan|null $plan    of the same, where it has been made already
     */
    public function __construct(public TaskContext $context, public array $entries, ?MeasuringPlan $plan = null)
    {
        $this->looked = new Looked();
        $this->owed = $context->owed;
        $this->plan = $plan ?? new MeasuringPlan($context, $entries);
        $this->record = new TaskRecord($entries, $this->plan->spoiledBy(...), $this->plan->spoiledByArm(...), $context->order->carMoved ?? [], $context->rules->isInSpace());
        $this->answers = [...$this->record->answers, ...($context->order->answers ?? [])];
        $this->setUp = new SetUp($context, $this->plan, $this->record->current(), [...$this->record->confirmed($this->record->position()), ...$this->floorAgain()]);
        $this->moves = Guarding::moves($this->setUp, count($this->record->moves));
        $this->expected = $this->expectedReadings();
        $this->due = $this->dueCalls();
        $this->bars = $this->interlock();
        $this->runs = $this->results();
        $this->run = new RunState($context, $entries, $this->record, fn(int $position): SetUp => $this->at($position), BroughtBack::isShown($this->plan, $entries));
    }

    /** Whether a run may start: nothing bars it, or somebody has released it. */
    public function mayRun(): bool
    {
        return $this->bars === [] || $this->record->release !== null;
    }

    /** Whether the task may be closed as it stands: nothing is owed, the axis is proven, or somebody handed it over by name (need J36). */
    public function isSettled(): bool
    {
        return $this->owed->state === OwedState::NotOwed || $this->run->isProven() || $this->run->log->sentBack !== null || $this->run->log->accepted !== null;
    }

    /** What a run started now would rest on. */
    public function reliance(): Reliance
    {
        $verdicts = [];
        foreach ($this->plan->ground->respects() as $name) {
            $deviation = $this->setUp->deviation($name);
            if ($deviation?->decision !== null) {
                $unit = $deviation->angular ? rad2deg(1) : 1.0;
                $verdicts[$name] = [
                    'deviation' => $deviation->value() * $unit,
                    'uncertainty' => $deviation->uncertainty * $unit,
                    'verdict' => $deviation->decision->verdict->value,
                ];
            }
        }
        $height = $this->setUp->height;
        if ($height?->decision !== null) {
            $verdicts['height'] = [
                'deviation' => $height->deviation,
                'uncertainty' => $height->uncertainty,
                'verdict' => $height->decision->verdict->value,
            ];
        }

        return new Reliance(Version::NUMBER, $verdicts);
    }

    /** The verdict of the last run; null before the first. */
    public function lastRun(): ?RunResult
    {
        return $this->runs === [] ? null : $this->runs[count($this->runs) - 1];
    }

    /** The stage the work has come to: that of the one thing to do now. */
    public function stage(): Stage
    {
        return $this->present()->stage();
    }

    /** The one thing to do now: to settle what is doubtful comes before to move, and that before to run. */
    public function present(): Present
    {
        return $this->looked->present ??= $this->look();
    }

    /** @return array<string, Call> the readings asked for, those once read, and the one that is wanted now to guard the set-up */
    public function calls(): array
    {
        $present = $this->present();
        $guard = $present->kind === 'guard' && $present->call !== null ? $this->plan->call($present->call) : null;

        return $this->plan->calls() + ($guard === null ? [] : [$guard->id => $guard]);
    }

    /** What a call should read now, mm or degrees; null for one that repeats another: nobody is told what to find again. */
    public function expectedOf(Call $call): ?float
    {
        return $call->details->of === null ? $this->expected[$call->id] ?? $this->plan->expected($call) : null;
    }

    /** Whether nobody has said yet which line the card's values are taken from. */
    private function lacksReference(): bool
    {
        return MeasuringPlan::asksForReference($this->context) && $this->plan->referenceChosen === null;
    }

    /** What the car's place puts in the way of the target; null where nothing is, or the task goes by rules that do not ask. */
    private function hindrance(): ?Message
    {
        $at = $this->plan->ground->nominal;

        return $this->context->rules->weighsStatements() ? SpotRoom::hindrance($this->context->bay, $at->x['target'], $at->y['target']) : null;
    }

    private function referenceBar(): Message
    {
        return Message::of($this->context->card->reference === null ? 'bar.reference' : 'bar.reference-meant');
    }

    private function look(): Present
    {
        $checks = array_keys(array_filter($this->plan->calls(), $this->plan->isCheck(...)));
        $unread = array_values(array_filter($this->due, fn(string $call): bool => ! isset($this->setUp->readings[$call])));
        $first = array_values(array_diff($unread, $checks))[0] ?? null;
        $check = array_values(array_intersect($unread, $checks))[0] ?? null;
        $consistent = $this->setUp->isConsistent();
        $suspects = array_intersect($this->setUp->suspects(), array_keys($this->setUp->readings));
        if ($this->context->rules->isInSpace()) {
            $suspects = array_filter($suspects, fn(string $id): bool => ! $this->setUp->isConfirmed($id));
        }
        $suspect = array_values($suspects)[0] ?? null;
        $contradiction = $consistent === false && $this->context->rules->isInSpace() ? $this->contradiction() : null;

        // What was begun where the stand stands now goes on; a release lets a run begin before its set-up is good.
        $advice = $this->runIsOfHere() || $this->record->release !== null ? Advice::of($this) : null;

        $advised = $advice ?? ($this->bars === [] ? Advice::of($this) : null);

        return match (true) {
            $this->run->log->sentBack !== null, $this->run->log->accepted !== null => new Present('close'),
            $this->run->log->pending !== null => Advice::of($this) ?? new Present('run'),
            // Before anybody reads a tape where nothing can stand.
            $this->hindrance() !== null && ! $this->run->isProven() => new Present('stance', null, $this->hindrance()),
            $this->unanswered($this->context->preparation) !== [] => new Present('prepare'),
            $this->unanswered($this->plan->lineSteps()) !== [] => new Present('line'),
            $this->context->rules->isInSpace() && $this->lacksReference() => new Present('line', null, $this->referenceBar()),
            $this->run->isProven() => new Present('close'),
            $advice !== null => $advice,
            $first !== null => new Present('read', $first),
            $contradiction !== null => $contradiction,
            // One reading alone is to blame: another tape would say nothing new.
            $consistent === false && $suspect !== null && count($this->setUp->suspects()) === 1 => new Present('remeasure', $suspect),
            $consistent !== true && $check !== null => new Present($consistent === false ? 'decide' : 'check', $check),
            // Every reading in doubt came out the same when it was taken anew: to ask for them again and again would say nothing.
            $consistent === false && $this->context->rules->isInSpace() && $suspect === null => new Present('improve', null, $this->unexplained()),
            $consistent === false => new Present('remeasure', $suspect ?? array_key_first($this->plan->calls())),
            // Sought only when it comes to it: it takes longer than all the rest.
            ($guard = Guarding::of($this)) !== null => $guard,
            $this->moves !== [] => Guarding::isMovedOften($this) ? new Present('improve', null, Message::of('advice.moved-often', ['times' => count($this->record->moves)])) : new Present('move'),
            $this->bars === [] && $advised !== null => $advised,
            // With the placement good, what still bars the run is said where the run is.
            $this->bars !== [] && $this->setUp->holds() => new Present('run'),
            $this->floorIsInTheWay() => new Present('survey-floor', null, Message::of('advice.floor-height')),
            $check !== null && ! $this->context->rules->isInSpace() => new Present('check', $check),
            default => new Present('improve'),
        };
    }

    /** What a contradiction asks for: what it points at taken anew, unless it came out the same already. */
    private function contradiction(): ?Present
    {
        $other = $this->otherPlace();
        if ($other !== null) {
            return $other;
        }
        foreach ($this->setUp->doubtful() as $id) {
            if (isset($this->setUp->readings[$id])) {
                return new Present('remeasure', $id, BroughtBack::cameBefore($this->plan, $this->entries, $id) ? Message::of('advice.not-back') : null);
            }
            if (str_starts_with($id, 'staff-')) {
                return new Present('survey-floor', Guarding::place($this, $id), Message::of('advice.floor-contradicts'));
            }
        }

        return null;
    }

    private function unexplained(): Message
    {
        $suspect = $this->setUp->suspects()[0] ?? null;

        return $suspect === null ? Message::of('advice.contradiction-stays') : Message::of('advice.contradiction-points', ['figure' => $this->plan->said($suspect)]);
    }

    /** A height with which all would agree had it been read to another place of the target: no tape is doubted before it. */
    private function otherPlace(): ?Present
    {
        foreach ($this->setUp->readings as $id => $reading) {
            if ($this->plan->call((string) $id)?->reads !== Reads::Height || $reading->datum === null || $this->setUp->isConfirmed((string) $id)) {
                continue;
            }
            foreach (array_keys($this->context->card->target->heights) as $place) {
                if ($place !== $reading->datum && (new SetUp($this->context, $this->plan, [$id => $reading->readTo((string) $place)] + $this->setUp->readings))->isConsistent() === true) {
                    return new Present('remeasure', (string) $id, Message::of('advice.other-place', ['datum' => $reading->datum, 'place' => (string) $place]));
                }
            }
        }

        return null;
    }

    /** @return list<string> staffs of the survey that showed the same when they were read anew */
    private function floorAgain(): array
    {
        return array_map(fn(string $place): string => 'staff-' . SiteFloor::own($this->context, $place), $this->context->order->floorAgain ?? []);
    }

    /** Whether anything was run, or went wrong, where the stand is now. */
    private function runIsOfHere(): bool
    {
        $runs = $this->record->runs;
        $trouble = $this->run->log->trouble ?? null;

        return ($runs !== [] && $runs[count($runs) - 1]['position'] === $this->record->position())
            || ($trouble !== null && $this->record->positionOf($trouble->line) === $this->record->position());
    }

    /** Whether the height is unproven for want of a floor survey. */
    private function floorIsInTheWay(): bool
    {
        $height = $this->setUp->height;

        return $height?->decision?->verdict === Verdict::Unproven && $this->plan->floor->from === 'stated' && $height->sFloor > $height->sReading;
    }

    private function at(int $position): SetUp
    {
        return $position === $this->record->position() ? $this->setUp : $this->setUpAt($position);
    }

    /**
     * @param list<PreparationItem> $items
     *
     * @return list<PreparationItem> those nobody has answered
     */
    public function unanswered(array $items): array
    {
        return array_values(array_filter($items, fn(PreparationItem $item): bool => ! isset($this->answers[$item->id])));
    }

    /** @return list<string> */
    private function dueCalls(): array
    {
        $due = [];
        $suspects = $this->setUp->isConsistent() === false ? $this->setUp->suspects() : [];
        foreach (array_keys($this->plan->calls()) as $call) {
            if (! isset($this->setUp->readings[$call]) || in_array($call, $suspects, true)) {
                $due[] = $call;
            }
        }

        return $due;
    }

    /**
     * What the calls should read: a suspect, what the others say of it; after a move, what was predicted before it;
     * otherwise what the card implies.
     *
     * @return array<string, float>
     */
    private function expectedReadings(): array
    {
        $expected = array_map($this->plan->expected(...), $this->plan->calls());
        $position = $this->record->position();
        $move = $position > 0 ? $this->record->moves[$position - 1] : null;
        if ($move instanceof StandMoved) {
            $expected = ($this->setUpAt($position - 1)->plan($move->kinds)[1] ?? []) + $expected;
        }
        foreach ($this->setUp->isConsistent() === false ? $this->setUp->suspects() : [] as $id) {
            $others = array_diff_key($this->setUp->readings, [$id => 0]);
            $at = (new SetUp($this->context, $this->plan, $others))->placement?->solution->geometry;
            $call = $this->plan->call($id);
            if ($at !== null && $call !== null && $call->isSurveyed()) {
                $expected[$id] = $this->plan->reading($call, $at);
            }
        }
        return $expected;
    }

    /** The set-up as it was at an earlier position, with the target as it hung on its stand there. */
    private function setUpAt(int $position): SetUp
    {
        $set = $this->record->sets[$position];
        $plan = $set === $this->plan->standSet ? $this->plan : new MeasuringPlan($this->context, [
            ...array_values(array_filter($this->entries, static fn(Line $entry): bool => ! $entry instanceof StandSet)),
            ...($set === null ? [] : [$set]),
        ]);

        return new SetUp($this->context, $plan, $this->record->at($position), [...$this->record->confirmed($position), ...$this->floorAgain()]);
    }

    /** @return list<Bar> */
    private function interlock(): array
    {
        $bars = $this->context->order->bars ?? [];
        foreach ([['preparation', $this->context->preparation], ['line', $this->plan->lineSteps()]] as [$code, $items]) {
            foreach ($items as $item) {
                $answer = $this->answers[$item->id] ?? null;
                if ($item->blocks && $answer?->answer->isMet() !== true) {
                    $bars[] = new Bar($code, Message::of($answer === null ? 'bar.not-answered' : 'bar.not-met', ['question' => $item->question]));
                }
            }
        }
        $hindrance = $this->hindrance();
        if ($hindrance !== null) {
            $bars[] = new Bar('spot', $hindrance);
        }
        if ($this->setUp->failure !== null) {
            $bars[] = new Bar('placement', $this->setUp->failure->said);

            return $bars;
        }
        if ($this->lacksReference()) {
            $bars[] = new Bar('reference', $this->referenceBar());
        }
        foreach ($this->plan->respects() as $name) {
            $verdict = $this->setUp->decision($name)?->verdict;
            if ($verdict !== Verdict::Holds) {
                $how = match ($verdict) {
                    null => $this->setUp->isUnlimited($name) ? 'no-tolerance' : 'not-measured',
                    Verdict::Out => 'out',
                    Verdict::Unproven => 'unproven',
                };
                $bars[] = new Bar('placement', Message::of("bar.respect.$how", ['respect' => Message::of("respect.$name.long")]));
            }
        }
        if ($this->setUp->isConsistent() === false) {
            $bars[] = new Bar('inconsistent', Message::of('bar.inconsistent'));
        } elseif ($this->setUp->isPlaced() && $this->setUp->isConsistent() === null) {
            $bars[] = new Bar('unchecked', Message::of('bar.unchecked'));
        }
        foreach (AxisReading::AXES as $axis) {
            $guard = $this->setUp->guard($axis);
            if ($guard?->holds() === false) {
                $bars[] = new Bar('unguarded', $guard->largest() === null
                    ? Message::of('bar.unguarded.open', ['axis' => $axis])
                    : Message::of('bar.unguarded', ['axis' => $axis, 'hidden' => Quantity::degrees($guard->largest(), 2), 'limit' => Quantity::degrees($guard->limit ?? 0.0, 2)]));
            }
        }

        return $bars;
    }

    /** @return list<RunResult> */
    private function results(): array
    {
        $sensor = $this->context->card->sensor;
        $results = [];
        foreach ($this->record->runs as ['run' => $run, 'position' => $position, 'release' => $release]) {
            $setUp = $this->at($position);
            $errors = ['azimuth' => $setUp->azimuthError(), 'elevation' => $setUp->elevationError()];
            $verdicts = [];
            foreach (['azimuth' => $sensor->limitAzimuth, 'elevation' => $sensor->limitElevation] as $axis => $limit) {
                $degrees = $axis === 'azimuth' ? $run->azimuth : $run->elevation;
                $verdict = AxisVerdict::of(
                    $sensor->reportsTargetAngle ? AxisReading::targetAngle($degrees, $sensor->s) : AxisReading::misalignment($degrees, $sensor->s),
                    $errors[$axis],
                    $limit,
                    in_array($axis, $sensor->placementFree, true),
                    $this->context->card->thresholds,
                );
                $verdicts[$axis] = match (true) {
                    // A run released past its bars is still no proof by a card that nobody has checked (need J38).
                    ! $this->context->card->isChecked() => $verdict->unprovenBecause('card-unchecked'),
                    $setUp->isConsistent() === false => $verdict->unprovenBecause('inconsistent'),
                    default => $verdict,
                };
            }
            $excess = ($run->echoLevel ?? 0.0) - ($this->context->card->echo->expected ?? 0.0);
            $within = $this->context->card->echo->within ?? INF;
            $results[] = new RunResult($run, $release, $verdicts['azimuth'], $verdicts['elevation'], $errors['azimuth'], $errors['elevation'], match (true) {
                $this->context->card->echo === null || $run->echoLevel === null => 'nothing-expected',
                $excess < -$within => 'low',
                $excess > $within => 'high',
                default => 'as-expected',
            }, unlimited: $this->context->rules->isInSpace());
        }

        return $results;
    }
}
