<?php

declare(strict_types=1);

namespace Lumbro\Core\Practice;

use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\CauseChecked;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\LevelRead;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\TargetShifted;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Screws\ScrewPair;
use Lumbro\Core\SetUp\TaskContext;

/** A sensor as it truly is after all that its record says was done to it. */
final class SensorTruth
{
    /** Of the sensor on its mounting, degrees. */
    public float $azimuth;
    public float $elevation;

    /** @var array{float, float} stored electronically, degrees */
    public array $zero;

    /** Of the target along its bar, mm, the car's left positive. */
    public float $shift = 0.0;

    /** @var array<string, bool> cause → whether it is at work */
    private array $faults;

    /** How often the echo was read since the plate's positions were begun. */
    public int $levels = 0;

    /** @var array<string, int> command → how often it was asked */
    public array $times = [];

    /** @var array<string, int> screw → the sense it was turned in last; 0 where nobody knows */
    private array $sense = [];

    /** @param list<Line> $entries the task's record so far */
    public function __construct(private readonly TaskContext $context, private readonly Scenario $scenario, private readonly SeededNoise $noise, array $entries)
    {
        $this->azimuth = $scenario->mountAzimuth;
        $this->elevation = $scenario->mountElevation;
        $this->zero = [$scenario->zeroAzimuth, $scenario->zeroElevation];
        $this->faults = [
            Cause::WrongTarget->value => $scenario->otherTarget !== 0.0,
            Cause::Clutter->value => $scenario->clutter !== null,
            Cause::Cover->value => $scenario->coverLoss > 0,
            Cause::Supply->value => $scenario->voltage !== null,
            Cause::Door->value => $scenario->door,
            Cause::Code->value => $scenario->code !== null,
        ];
        // What hides behind somebody's word is put right once somebody has looked.
        $believed = Believed::words($scenario, $context, $entries);
        foreach ($scenario->words as $item => $word) {
            if ($word->cause !== null && ! isset($believed[$item])) {
                $this->faults[$word->cause->value] = false;
            }
        }
        foreach ($entries as $entry) {
            match (true) {
                $entry instanceof ToolAsked => $this->ask($entry),
                $entry instanceof LevelRead => $this->levels++,
                $entry instanceof Corrected => $this->correct($entry),
                $entry instanceof CauseChecked => $this->mend($entry),
                $entry instanceof TargetShifted => $this->shift = $entry->across,
                default => null,
            };
        }
    }

    /** What a person finds who looks into a cause. */
    public function has(Cause $cause): bool
    {
        return ($this->faults[$cause->value] ?? false)
            || ($cause === $this->scenario->fault)
            || ($cause === Cause::Bracket && $this->scenario->bent);
    }

    /** Whether the axis is inside the card's limits, with what is stored electronically. */
    public function isAligned(): bool
    {
        $sensor = $this->context->cardSensor;

        return abs($this->azimuth + $this->zero[0]) <= ($sensor->limitAzimuth ?? INF) && abs($this->elevation + $this->zero[1]) <= ($sensor->limitElevation ?? INF);
    }

    private function ask(ToolAsked $asked): void
    {
        $this->times[$asked->command->value] = ($this->times[$asked->command->value] ?? 0) + 1;
    }

    private function correct(Corrected $correction): void
    {
        $this->levels = 0;
        if ($correction->isElectronic()) {
            $this->zero = [$this->zero[0] + $correction->azimuth, $this->zero[1] + $correction->elevation];

            return;
        }
        $screws = $this->context->card->adjustment->screws ?? [];
        if ($correction->way === 'screws' && count($screws) >= 2) {
            $turned = [];
            foreach ([0, 1] as $i) {
                $turned[] = $this->moved($screws[$i]->id, $correction->turns[$screws[$i]->id] ?? 0.0) * $this->scenario->gains[$i];
            }
            $change = (new ScrewPair($screws[0], $screws[1]))->change([$turned[0], $turned[1]], [1.0, 1.0]);
            $this->azimuth += $change->azimuth;
            $this->elevation += $change->elevation;
        } elseif ($correction->way === 'mirror spots') {
            $this->azimuth = 0.05 * $this->noise->draw('spot azimuth');
            $this->elevation = 0.05 * $this->noise->draw('spot elevation');
        }
    }

    /** The turns of a screw that reach the sensor: one that turns back first takes up its backlash. */
    private function moved(string $screw, float $turns): float
    {
        if ($turns === 0.0) {
            return 0.0;
        }
        $sense = $turns > 0 ? 1 : -1;
        $before = $this->sense[$screw] ?? ($this->noise->draw("sense $screw") > 0 ? 1 : -1);
        $this->sense[$screw] = $sense;

        return $sense * max(0.0, abs($turns) - ($before === $sense ? 0.0 : $this->scenario->backlash));
    }

    /** What is found is put right, where it can be put right on the spot. */
    private function mend(CauseChecked $check): void
    {
        $cause = Cause::from($check->cause);
        if ($check->found && $cause->sendsBackTo() === null && isset($this->faults[$check->cause])) {
            $this->faults[$check->cause] = false;
        }
    }

    /** Whether a cause that can be put right is at work now. */
    public function isAtWork(Cause $cause): bool
    {
        return $this->faults[$cause->value] ?? false;
    }
}
