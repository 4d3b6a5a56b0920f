<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Journal\BorderlineAccepted;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\ReferenceChosen;
use Lumbro\Core\Journal\RunReleased;
use Lumbro\Core\Journal\SchoolsChosen;
use Lumbro\Core\Journal\SentBack;
use Lumbro\Core\Journal\StandMoved;
use Lumbro\Core\Journal\StandNudged;
use Lumbro\Core\Journal\StepDone;
use Lumbro\Core\Journal\TargetShifted;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Practice\SensorTruth;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\Prospect;
use Lumbro\Core\SetUp\SiteFloor;
use Lumbro\Core\Work\Present;
use Lumbro\Core\Work\TaskState;

/** A learner at a simulated car, who knows nothing of it but what is said and read. */
final class Player
{
    /** So much is done before a learner gives up. */
    private const LONGEST = 160;

    /** A stand this far off, as a part of its tolerance, is moved by somebody who goes by the figure. */
    private const OFF = 0.5;

    /** Moves, and rounds of adjusting, that somebody makes who goes by the figure. */
    private const MOVES = 2;
    private const ROUNDS = 2;

    /** @var list<string> what was done, oldest first */
    public array $did = [];

    /** What a learner says of the axis who does not wait to be told. */
    private ?Outcome $says = null;

    private int $moves = 0;

    /** @param Prospect|null $plan the readings to take, where somebody has worked them out */
    public function __construct(public readonly Hands $hands, private readonly Learner $learner = Learner::Follows, private readonly ?Prospect $plan = null) {}

    /** Works until there is nothing more to do, or the learner thinks so. */
    public function work(): self
    {
        for ($step = 0; $step < self::LONGEST && $this->says === null; $step++) {
            $present = $this->state()->present();
            if ($present->kind === 'close') {
                return $this;
            }
            if ($this->refuses($present)) {
                $this->did[] = "not $present->kind $present->call";
                $this->goOn();
            } else {
                $this->did[] = trim("$present->kind $present->call");
                $this->act($present);
            }
        }

        return $this;
    }

    /**
     * Works until the first of these kinds of work is the next.
     *
     * @param list<string> $kinds of Present
     */
    public function until(array $kinds): self
    {
        for ($step = 0; $step < self::LONGEST && ! in_array($this->state()->present()->kind, [...$kinds, 'close'], true); $step++) {
            $this->did[] = $this->state()->present()->kind;
            $this->act($this->state()->present());
        }

        return $this;
    }

    /** Where the task stands. */
    public function state(): TaskState
    {
        return $this->hands->state();
    }

    /** The sensor as it truly is. */
    public function truth(): SensorTruth
    {
        return $this->hands->truth();
    }

    /** What the learner says in the end. */
    public function outcome(): Outcome
    {
        $log = $this->state()->run->log;

        return $this->says ?? match (true) {
            $log->sentBack !== null => Outcome::SentBack,
            $log->accepted !== null => Outcome::Accepted,
            $this->state()->run->isProven() => Outcome::Holds,
            default => Outcome::Open,
        };
    }

    /** How it ended: "aligned", "sent-back", "accepted", or the last thing that was asked for. */
    public function end(): string
    {
        return match ($this->outcome()) {
            Outcome::Holds => 'aligned',
            Outcome::SentBack => 'sent-back',
            Outcome::Accepted => 'accepted',
            Outcome::Open => $this->state()->present()->kind,
        };
    }

    /** Whether this learner will not do what is said. */
    private function refuses(Present $present): bool
    {
        return match ($this->learner) {
            Learner::Follows => false,
            Learner::Ignores => in_array($present->kind, ['remeasure', 'decide'], true) || ($present->kind === 'improve' && $this->state()->setUp->isConsistent() === false),
            Learner::Once => in_array($present->kind, ['remeasure', 'repeat', 'decide', 'improve', 'nudge', 'shift-test'], true) || $this->isAgain($present),
        };
    }

    /** Whether what is asked for was read here before, under this name or another. */
    private function isAgain(Present $present): bool
    {
        if ($present->call === null || ! in_array($present->kind, ['read', 'guard', 'check', 'survey-floor'], true)) {
            return false;
        }
        $call = $this->state()->plan->call($present->call);

        return isset($this->state()->setUp->readings[$present->call]) || $call?->details->of !== null || str_ends_with($present->call, '-2') || str_ends_with($present->call, '-3');
    }

    /** By the figures alone, as somebody does who was told otherwise and goes on. */
    private function goOn(): void
    {
        $state = $this->state();
        $kinds = $this->moves < self::MOVES && $state->run->finding === null ? $this->off() : [];
        $unread = array_values(array_filter($state->due, static fn(string $call): bool => ! isset($state->setUp->readings[$call]) && $state->plan->call($call)?->details->of === null))[0] ?? null;
        match (true) {
            $unread !== null => $this->read($unread),
            $kinds !== [] => $this->move($kinds),
            ! $state->mayRun() => $this->hands->do(RunReleased::class, name: Hands::PERSON, reason: Hands::PERSON, overrode: []),
            $state->run->finding !== null => $this->judge(),
            $state->run->routine->next() !== null => $this->step($state->run->routine->next()->id),
            default => $this->says = Outcome::Open,
        };
    }

    /** @return list<MoveKind> of what the figures say is off */
    private function off(): array
    {
        $setUp = $this->state()->setUp;
        $kinds = [];
        foreach ($this->state()->plan->respects() as $name) {
            $off = $name === 'height' ? $setUp->height?->deviation : $setUp->deviation($name)?->value();
            $most = $name === 'height' ? $setUp->height?->tolerance : $setUp->deviation($name)?->tolerance;
            if ($off !== null && $most !== null && abs($off) > self::OFF * $most) {
                $kinds[] = match ($name) {
                    'height' => MoveKind::Height,
                    'yaw' => MoveKind::Turn,
                    default => MoveKind::Shift,
                };
            }
        }

        return array_values(array_unique($kinds, SORT_REGULAR));
    }

    /** @param list<MoveKind> $kinds */
    private function move(array $kinds): void
    {
        $this->moves++;
        $this->hands->do(StandMoved::class, kinds: $kinds);
    }

    /** Says what the last figure says. */
    private function judge(): void
    {
        $run = $this->state()->run;
        $verdicts = $run->finding->verdicts ?? [];
        $out = array_filter($verdicts, static fn($verdict): bool => $verdict->limit !== null && abs($verdict->misalignment) > $verdict->limit);
        $way = $this->state()->context->card->adjustment->way ?? 'none';
        if ($out === []) {
            $this->says = Outcome::Holds;
        } elseif ($way === 'screws' && $run->screws() !== null && $run->log->rounds() < self::ROUNDS) {
            $this->hands->do(Corrected::class, way: 'screws', turns: $run->screws()->asked());
        } elseif ($way === 'electronic' && $run->zeroFits() && $run->log->rounds() < 1) {
            $this->zero();
            // After a zero the axis reads zero, and that is enough for somebody who goes by the figure.
            $this->says = Outcome::Holds;
        } else {
            $this->says = Outcome::SentBack;
        }
    }

    private function act(Present $present): void
    {
        $state = $this->state();
        match ($present->kind) {
            'prepare', 'line' => $this->answer(),
            'read', 'check', 'decide', 'improve', 'guard' => $this->read($present->call),
            'remeasure' => $this->hands->readAgain($state->plan->call((string) $present->call) ?? throw new \LogicException("No reading $present->call.")),
            'move' => $this->hands->do(StandMoved::class, kinds: $state->moves !== [] ? $state->moves : throw new \LogicException('Nothing to move.')),
            'step' => $this->step((string) $present->call),
            'repeat' => $this->hands->ask(ToolCommand::Read, $state->run->routine->reading()->id),
            'outcome' => $this->hands->outcome(),
            'diagnose' => $this->hands->look(Cause::from((string) $present->call)),
            'survey-floor' => $this->hands->staff($present->call === null ? SiteFloor::places($state->context) : [$present->call]),
            'adjust' => $this->hands->do(Corrected::class, way: $state->context->card->adjustment->way ?? '', turns: $state->run->screws()?->asked() ?? []),
            'zero' => $this->zero(),
            'shift-test' => $this->hands->do(TargetShifted::class, across: $state->run->shiftTest()->across ?? 0.0, typed: 'as asked'),
            'shift-back' => $this->hands->do(TargetShifted::class, across: 0.0, typed: 'back'),
            'nudge' => $this->hands->do(StandNudged::class, away: $state->run->nudge() ?? 0.0),
            'send-back' => $this->hands->do(SentBack::class, fault: (string) $present->call, name: Hands::PERSON, reasons: array_filter([$present->why])),
            'accept' => $this->hands->do(BorderlineAccepted::class, name: Hands::PERSON, reason: Hands::PERSON),
            default => throw new \LogicException("Nobody knows how to do \"$present->kind\": " . implode(', ', $this->did)),
        };
    }

    private function answer(): void
    {
        if (MeasuringPlan::asksForReference($this->state()->context) && $this->state()->plan->referenceChosen === null) {
            $this->hands->do(ReferenceChosen::class, reference: 'body-axis', reason: Hands::PERSON);
        }
        if ($this->plan?->whole !== null && $this->state()->plan->planned === []) {
            $this->hands->do(SchoolsChosen::class, schools: $this->plan->schools, readings: $this->plan->whole);
        }
        foreach ([...$this->state()->unanswered($this->state()->context->preparation), ...$this->state()->unanswered($this->state()->plan->lineSteps())] as $item) {
            $this->hands->do(Answered::class, item: $item->id, answer: AnswerKind::Yes);
        }
    }

    private function read(?string $call): void
    {
        $state = $this->state();
        $unread = array_diff(array_keys($state->plan->calls()), array_keys($state->setUp->readings));
        $call ??= array_values($unread)[0] ?? throw new \LogicException('Better than this cannot be measured: ' . implode(', ', $this->did));
        $this->hands->read($state->plan->call($call) ?? throw new \LogicException("No reading $call."));
    }

    private function step(string $id): void
    {
        $step = $this->state()->run->routine->step($id) ?? throw new \LogicException("No step $id.");
        $command = $step->command();
        if ($command === null) {
            $this->hands->do(StepDone::class, step: $id, waited: $step->seconds);
        } else {
            $this->hands->ask($command, $id);
        }
    }

    private function zero(): void
    {
        $wanted = $this->state()->run->zeroWanted() ?? throw new \LogicException('No zero is known.');
        $this->hands->ask(ToolCommand::Zero, null, ['azimuth' => round($wanted->azimuth, 2), 'elevation' => round($wanted->elevation, 2)]);
    }
}
