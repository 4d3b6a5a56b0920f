<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

use Lumbro\Core\Catalogue\Card\CardStep;
use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Journal\BorderlineAccepted;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\CauseChecked;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\LevelRead;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\MirrorRead;
use Lumbro\Core\Journal\RunFailed;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Journal\SentBack;
use Lumbro\Core\Journal\StandNudged;
use Lumbro\Core\Journal\StepBegun;
use Lumbro\Core\Journal\StepDone;
use Lumbro\Core\Journal\TargetShifted;
use Lumbro\Core\Journal\ToolAnswered;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\SetUp\TaskRecord;

/** The part of a task's record that begins with the run: what was asked of the tool, read, corrected and looked into. */
final class RunLog
{
    /** @var array<string, true> steps done since the pass through them last began anew */
    public array $done = [];

    /** Whether the card's last step was done after the last reading; a stand that is moved later changes nothing of that. */
    public bool $finished = false;

    /** The wait that is running. */
    public ?StepBegun $clock = null;

    /** What the tool was asked without any answer on record. */
    public ?ToolAsked $pending = null;

    /** @var list<AxisGroup> oldest first, none of them empty */
    public array $groups = [];

    /** @var list<Corrected> */
    public array $corrections = [];

    /** @var array<string, CauseChecked> cause → how it was last found; a later failure asks anew */
    public array $checks = [];

    /** @var array<string, int> cause → how often in a row it was looked for and found */
    public array $looks = [];

    /** The last failure that nothing has put right yet. */
    public ?Trouble $trouble = null;

    /** @var list<Trouble> */
    public array $troubles = [];

    /** @var array<string, float|string> what the tool told last, by its name */
    public array $told = [];

    /** @var list<string> trouble codes that came of a run and were not cleared */
    public array $codes = [];

    /** Whether the sensor's stored axis is said to be lost. */
    public bool $wiped = false;

    /** How far the target is shifted now, mm. */
    public float $shift = 0.0;

    /** How far the stand is nudged away along the range now, mm. */
    public float $nudge = 0.0;

    /** @var list<MirrorRead> */
    public array $mirror = [];

    /** @var list<LevelRead> since the plate's positions were last begun */
    public array $levels = [];

    public ?SentBack $sentBack = null;

    public ?BorderlineAccepted $accepted = null;

    /** How often in a row the tool gave nothing that could be used. */
    public int $unheard = 0;

    /** How often something was changed at the car or around it since the beginning. */
    private int $changes = 0;

    /** @var array<string, ToolAsked> */
    private array $asked = [];

    /**
     * @param list<Line>    $entries in the order they were recorded
     * @param TaskRecord     $record  of the same
     * @param list<CardStep> $steps   of the card, in its order
     */
    public function __construct(array $entries, TaskRecord $record, private readonly array $steps)
    {
        $position = 0;
        foreach ($entries as $entry) {
            $here = $record->positionOf($entry);
            if ($here !== $position) {
                $position = $here;
                $this->nudge = 0.0;
                $this->restart(ToolCommand::EmptyZone, ToolCommand::Start);
            }
            match (true) {
                $entry instanceof ToolAsked => $this->ask($entry),
                $entry instanceof ToolAnswered => $this->answer($entry),
                $entry instanceof StepBegun => $this->clock = $entry,
                $entry instanceof StepDone => $this->step($entry->step),
                $entry instanceof RunMade => $this->read($entry, $here),
                $entry instanceof RunFailed => $this->failed($entry),
                $entry instanceof Corrected => $this->correct($entry),
                $entry instanceof TargetShifted => $this->shift($entry),
                $entry instanceof StandNudged => $this->nudge = $entry->away,
                $entry instanceof MirrorRead => $this->mirror[] = $entry,
                $entry instanceof LevelRead => $this->levels[] = $entry,
                $entry instanceof CauseChecked => $this->check($entry),
                $entry instanceof SentBack => $this->sentBack = $entry,
                $entry instanceof BorderlineAccepted => $this->accepted = $entry,
                default => null,
            };
        }
        if ($record->position() !== $position) {
            $this->restart(ToolCommand::EmptyZone, ToolCommand::Start);
        }
    }

    /** The readings where everything is now, in the target's own place; null where there are none. */
    public function group(): ?AxisGroup
    {
        $last = $this->groups === [] ? null : $this->groups[count($this->groups) - 1];

        return $last !== null && $last->corrections === count($this->corrections) && $last->shift === 0.0 ? $last : null;
    }

    /** How often the sensor itself was adjusted. */
    public function rounds(): int
    {
        return count(array_filter($this->corrections, static fn(Corrected $correction): bool => ! $correction->isElectronic()));
    }

    /** A figure the tool told; null where it told none. */
    public function figure(string $name): ?float
    {
        $told = $this->told[$name] ?? null;

        return is_float($told) ? $told : null;
    }

    private function ask(ToolAsked $asked): void
    {
        $this->asked[$asked->id] = $asked;
        $this->pending = $asked;
    }

    private function answer(ToolAnswered $answer): void
    {
        $asked = $this->asked[$answer->to] ?? null;
        $this->pending = null;
        if ($asked === null) {
            return;
        }
        $this->codes = array_values(array_unique([...$this->codes, ...$answer->codes]));
        $this->wiped = $this->wiped || $answer->wiped;
        if ($answer->outcome === 'done') {
            $this->succeed($asked, $answer);

            return;
        }
        $trouble = new Trouble($asked->command, $answer, $answer->message, $answer->values, $answer->codes);
        $this->troubles[] = $trouble;
        $this->unheard = $answer->outcome === 'failed' ? 0 : $this->unheard + 1;
        if ($answer->outcome === 'failed') {
            $this->fails($trouble);
        }
    }

    private function fails(Trouble $trouble): void
    {
        $this->trouble = $trouble;
        // What was put right once may be so again: it is asked anew.
        $this->checks = array_filter($this->checks, static fn(CauseChecked $check): bool => ! $check->found);
        if ($trouble->command->looks()) {
            $this->restart(ToolCommand::EmptyZone, ToolCommand::Start);
        }
    }

    /** Read off the tool's screen by a person. Lines of before there was a command on them bring no trouble. */
    private function failed(RunFailed $failed): void
    {
        $this->restart(ToolCommand::EmptyZone, ToolCommand::Start);
        if ($failed->command !== null) {
            $trouble = new Trouble($failed->command, $failed, $failed->message, [], $failed->codes);
            $this->troubles[] = $trouble;
            $this->codes = array_values(array_unique([...$this->codes, ...$failed->codes]));
            $this->unheard = 0;
            $this->fails($trouble);
        }
    }

    private function succeed(ToolAsked $asked, ToolAnswered $answer): void
    {
        $this->unheard = 0;
        foreach ($answer->values as $name => $value) {
            $this->told[$name] = $value;
        }
        if ($asked->command === ToolCommand::Clear) {
            $this->codes = [];
        }
        if ($asked->command === ToolCommand::Start) {
            $this->wiped = false;
        }
        if ($asked->command->looks() && $this->trouble !== null && $asked->command === $this->trouble->command) {
            $this->trouble = null;
        }
        if ($asked->step !== null) {
            $this->step($asked->step);
        }
    }

    private function step(string $step): void
    {
        if ($this->trouble?->line instanceof RunFailed) {
            foreach ($this->steps as $known) {
                // Done at the tool, this time without a word against it.
                if ($known->id === $step && $known->command() === $this->trouble?->command) {
                    $this->trouble = null;
                }
            }
        }
        $this->done[$step] = true;
        $this->clock = null;
        $this->finished = count($this->done) === count($this->steps);
    }

    private function read(RunMade $run, int $position): void
    {
        $this->pending = null;
        $this->unheard = 0;
        $this->trouble = null;
        // Whoever has a reading has been through what comes before it.
        foreach ($this->steps as $step) {
            $this->step($step->id);
            if ($step->command() === ToolCommand::Read) {
                break;
            }
        }
        $group = $this->groups === [] ? null : $this->groups[count($this->groups) - 1];
        if ($group === null || ! $group->goesOnAt($position, count($this->corrections), $this->shift, $this->changes)) {
            $group = new AxisGroup($position, count($this->corrections), $this->shift, $this->changes);
            $this->groups[] = $group;
        }
        $group->add($run, $this->nudge);
    }

    private function correct(Corrected $correction): void
    {
        $this->corrections[] = $correction;
        $this->pending = null;
        $this->levels = [];
        // A zero is stored without a new routine; a sensor that was turned looks anew.
        if (! $correction->isElectronic()) {
            $this->restart(ToolCommand::Start);
        }
    }

    private function shift(TargetShifted $shifted): void
    {
        $this->shift = $shifted->across;
    }

    private function check(CauseChecked $check): void
    {
        $this->checks[$check->cause] = $check;
        $this->looks[$check->cause] = $check->found ? ($this->looks[$check->cause] ?? 0) + 1 : 0;
        if ($check->found) {
            if ($check->cause === Cause::Clutter->value) {
                // What was cleared away is looked for anew; that nothing was found makes the zone no quieter.
                unset($this->told['emptyLevel']);
            }
            $this->trouble = null;
            $this->unheard = 0;
            $this->changes++;
            $this->restart(ToolCommand::EmptyZone, ToolCommand::Start);
        }
    }

    /** Takes back the steps from the first that asks one of these of the tool. */
    private function restart(ToolCommand ...$from): void
    {
        $drop = false;
        foreach ($this->steps as $step) {
            $again = $step->id === Routine::PLATE && in_array(ToolCommand::EmptyZone, $from, true);
            $drop = $drop || $again || in_array($step->command(), $from, true);
            if ($drop) {
                unset($this->done[$step->id]);
            }
        }
        $this->clock = null;
    }
}
