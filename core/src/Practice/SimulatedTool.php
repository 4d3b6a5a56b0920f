<?php

declare(strict_types=1);

namespace Lumbro\Core\Practice;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Run\ToolReply;

/**
 * A scan tool on a simulated car: it answers from the sensor's truth with noise, a resolution and the reasons real ones
 * fail for (maths, sections 6 to 8).
 */
final readonly class SimulatedTool
{
    /** A target further off than this is not found, degrees. */
    private const WINDOW = 4.0;

    /** An echo this far under what is expected is not found, dB. */
    private const FAINT = -8.0;

    /** Something else this near to the target's level is a second target, dB. */
    private const SECOND = -5.0;

    /** How a swung plate's echo falls off, dB per square degree. */
    private const FALLS = 0.9;

    /** The routine waits for this, V. */
    private const LEAST = 12.0;

    public SensorTruth $sensor;

    private World $world;

    private Scenario $scenario;

    /** @param list<Line> $entries the task's record, with what is asked last */
    public function __construct(World $world, array $entries)
    {
        $this->world = $world;
        $this->scenario = $world->scenario;
        $this->sensor = new SensorTruth($world->context, $world->scenario, $world->noise, $entries);
    }

    /** Whether its answer to a command is lost on the way. */
    public function losesAnswer(ToolAsked $asked): bool
    {
        return $this->happens($this->scenario->lost, $asked);
    }

    /** What it answers; a command that is asked for again gets the same answer. */
    public function reply(ToolAsked $asked): ToolReply
    {
        if ($this->happens($this->scenario->unsent, $asked)) {
            return new ToolReply('never-sent', 'No such command received');
        }
        if ($this->happens($this->scenario->nonsense, $asked)) {
            return new ToolReply('nonsense', '##.## ?? 7FFF');
        }

        return match ($asked->command) {
            ToolCommand::Identify => new ToolReply('done', 'Sensor answers', ['zeroAzimuth' => $this->scenario->zeroAzimuth, 'zeroElevation' => $this->scenario->zeroElevation, 'voltage' => $this->voltage(), 'serial' => sprintf('S-%06d', $this->scenario->seed)]),
            ToolCommand::Unlock => new ToolReply('done', 'Gateway open'),
            ToolCommand::Voltage => new ToolReply('done', 'Supply read', ['voltage' => $this->voltage()]),
            ToolCommand::Codes => new ToolReply('done', 'Codes read', [], $this->codes()),
            ToolCommand::LotCode => new ToolReply('done', 'Lot code taken'),
            ToolCommand::EmptyZone => new ToolReply('done', 'Empty zone read', ['emptyLevel' => round($this->emptyLevel(), 1)]),
            ToolCommand::Start => $this->start(),
            ToolCommand::Read => $this->read(),
            ToolCommand::Level => new ToolReply('done', 'Level read', ['level' => round($this->level() - $this->swung() + 0.1 * $this->world->noise->draw("swing {$this->sensor->levels}"), 1)]),
            ToolCommand::Zero => new ToolReply('done', 'Zero stored'),
            ToolCommand::Clear => new ToolReply('done', 'Codes cleared'),
        };
    }

    private function start(): ToolReply
    {
        [$azimuth, $elevation] = $this->world->placementError();
        $told = ['level' => round($this->level(), 1), 'voltage' => $this->voltage()];

        return match (true) {
            $this->sensor->isAtWork(Cause::Supply) && $this->voltage() < self::LEAST => new ToolReply('failed', 'Routine ended: supply voltage', ['reason' => 'supply', 'voltage' => $this->voltage()]),
            $this->sensor->isAtWork(Cause::Door), $this->sensor->isAtWork(Cause::Code) => new ToolReply('failed', 'Routine refused: conditions not met', ['reason' => 'conditions', 'voltage' => $this->voltage()], $this->codes()),
            max(abs($azimuth), abs($elevation)) > self::WINDOW, $this->level() - $this->scenario->echoLevel < self::FAINT => new ToolReply('failed', 'Routine ended: no target found in the expected window', [...$told, 'reason' => 'no-target'], ['C2A52'], true),
            $this->clutter() > self::SECOND => new ToolReply('failed', 'Routine ended: more than one target', [...$told, 'reason' => 'several-targets'], ['C2A52'], true),
            default => new ToolReply('done', 'Routine completed', ['voltage' => $this->voltage()]),
        };
    }

    private function read(): ToolReply
    {
        [$azimuth, $elevation] = $this->world->placementError();
        $card = $this->world->context->cardSensor;
        // An axis that the card frees of placement does not feel it.
        $elevation = in_array('elevation', $card->placementFree, true) ? 0.0 : $elevation;
        $azimuth += ($this->world->context->sensor->looksBack() ? -1 : 1) * rad2deg(atan($this->sensor->shift / $this->world->range()));
        if (max(abs($azimuth), abs($elevation)) > self::WINDOW || $this->level() - $this->scenario->echoLevel < self::FAINT) {
            return new ToolReply('failed', 'No target found in the expected window', ['reason' => 'no-target', 'level' => round($this->level(), 1)]);
        }
        // What else reflects pulls the bearing towards itself, by its share of the echo's power.
        $share = 10 ** ($this->clutter() / 10);
        $seen = ($azimuth + $share * ($this->scenario->clutter->bearing ?? 0.0)) / (1 + $share) + $this->world->bend();
        $sign = $card->reportsTargetAngle ? -1 : 1;
        $read = fn(string $axis, float $value): float => round($sign * $value + $card->s * $this->world->noise->draw("read {$this->reads()} $axis"), 2) + 0.0;

        return new ToolReply(
            'done',
            'Axis read',
            ['level' => round($this->level() + 0.4 * $this->world->noise->draw("level {$this->reads()}"), 1)],
            azimuth: $read('azimuth', $this->sensor->azimuth + $this->sensor->zero[0] - $seen),
            elevation: $read('elevation', $this->sensor->elevation + $this->sensor->zero[1] - $elevation),
        );
    }

    /** What the plate's position takes from the echo, dB: it is strongest where plate and sensor agree. */
    private function swung(): float
    {
        $adjustment = $this->world->context->card->adjustment;
        $id = $adjustment->order[$this->sensor->levels] ?? null;
        $pitch = 0.0;
        foreach ($adjustment->positions ?? [] as $position) {
            $pitch = $position->id === $id ? $position->pitch : $pitch;
        }
        [, $elevation] = $this->world->placementError();

        return self::FALLS * ($pitch - ($this->sensor->elevation + $this->sensor->zero[1] - $elevation)) ** 2;
    }

    private function reads(): int
    {
        return $this->sensor->times[ToolCommand::Read->value] ?? 0;
    }

    /** dB, with whatever is in the way. */
    private function level(): float
    {
        return $this->scenario->echoLevel
            + ($this->sensor->isAtWork(Cause::WrongTarget) ? $this->scenario->otherTarget : 0.0)
            - 2 * $this->scenario->coverLoss
            + 10 * log10(1 + 10 ** ($this->clutter() / 10));
    }

    /** Against the target's level, dB. */
    private function clutter(): float
    {
        return $this->sensor->isAtWork(Cause::Clutter) ? $this->scenario->clutter->level ?? -60.0 : -60.0;
    }

    private function emptyLevel(): float
    {
        return max(-20.0, $this->scenario->echoLevel - 2 * $this->scenario->coverLoss + max($this->clutter(), $this->world->secondEcho()));
    }

    private function voltage(): float
    {
        return round(($this->sensor->isAtWork(Cause::Supply) ? $this->scenario->voltage ?? 11.6 : 12.9) + 0.05 * $this->world->noise->draw('voltage'), 1);
    }

    /** @return list<string> */
    private function codes(): array
    {
        return $this->sensor->isAtWork(Cause::Code) && $this->scenario->code !== null ? [$this->scenario->code] : [];
    }

    /** @param array<string, list<int>> $times */
    private function happens(array $times, ToolAsked $asked): bool
    {
        return in_array($this->sensor->times[$asked->command->value] ?? 0, $times[$asked->command->value] ?? [], true);
    }
}
