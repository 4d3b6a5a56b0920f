<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * The work that is left on a car, as stages with durations: its codes are read first; where it stands, the line is
 * surveyed once for all sensors of the stance, which then come in any order; then the drive, and what closes the order.
 */
final readonly class CarWork
{
    public const TOOL = 'scan-tool';

    /** Rights that a stage may ask for. */
    public const RUNS = 'run';
    public const DRIVES = 'drive';

    /** Stages that are measured, and need instruments. */
    private const MEASURED = ['floor', 'line', 'place'];

    /** Of what a stage was to take, this much is left when it has taken all of it. */
    private const LEFT = 0.15;

    /**
     * @param Durations              $durations of the shop
     * @param list<array{int, int}>  $daylight  minutes in which drives that need it are made; empty where it is not known
     * @param int                    $warmUp    minutes a car stands with its ignition on before its line is surveyed, 0 for none
     * @param int                    $now       minutes
     */
    public function __construct(private Durations $durations, private array $daylight, private int $warmUp = 0, private int $now = 0) {}

    /**
     * @param string                      $id        of the order
     * @param list<SensorWork>            $sensors   that are owed and not sealed
     * @param array<string, list<string>> $stances   stance → places that have room for it
     * @param list<string>                $scans     of "pre-scan" and "post-scan", those still to be made
     * @param int                         $roadTests functions that are still to be seen on the road
     * @param int                         $ready     minutes: from when nobody else has the car
     * @param list<Progress>              $progress  of stages that somebody has worked on
     */
    public function car(string $id, array $sensors, array $stances, array $scans, int $roadTests, int $ready, ?int $promised, array $progress = []): Car
    {
        $parts = [];
        foreach (self::byStance($sensors) as $stance => $of) {
            array_push($parts, ...$this->stay($id, (string) $stance, $of, $progress));
        }
        if (in_array('pre-scan', $scans, true)) {
            $scan = new Part("$id pre-scan", [$this->stage($id, 'pre-scan', new Asks(kit: [self::TOOL]))]);
            // Where work was begun without it, the car is not moved for it.
            $parts = self::isBegun($parts) ? [...$parts, $scan] : [$scan, ...$parts];
        }
        $drives = array_values(array_filter(array_map(static fn(SensorWork $sensor): ?OwedDrive => $sensor->drive, $sensors)));
        if ($drives !== []) {
            $parts[] = new Part("$id drive", [$this->drive($id, $drives)]);
        }
        $last = in_array('post-scan', $scans, true) ? [$this->stage($id, 'post-scan', new Asks(kit: [self::TOOL]))] : [];
        if ($roadTests > 0) {
            $last[] = $this->stage($id, 'road', new Asks(right: self::DRIVES));
        }
        $parts[] = new Part("$id close", [...$last, $this->stage($id, 'close', new Asks())]);

        return new Car($id, $ready, $promised, $this->inOrder($parts), $stances);
    }

    /** @param list<Part> $parts */
    private static function isBegun(array $parts): bool
    {
        foreach ($parts as $part) {
            foreach ($part->stages as $stage) {
                if ($stage->began !== null) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * What was begun, in the order of work: somebody may have gone back to a stage, or looked ahead.
     *
     * @param list<Part> $parts
     *
     * @return list<Part>
     */
    private function inOrder(array $parts): array
    {
        $last = PHP_INT_MIN;
        foreach ($parts as $i => $part) {
            $stages = [];
            foreach ($part->stages as $stage) {
                $began = $stage->began;
                if ($began !== null) {
                    $from = min(max($began->from, $last), $this->now);
                    $last = max($from, $began->done ? min($began->to, $this->now) : $began->to);
                    $stage = new Stage($stage->id, $stage->kind, $stage->minutes, $stage->spread, $stage->asks, $stage->pin, new Began($from, $last, $began->done, $began->person, $began->place, $began->units));
                }
                $stages[] = $stage;
            }
            $parts[$i] = new Part($part->id, $stages, $part->stance, $part->held, $part->free);
        }

        return $parts;
    }

    /** @param non-empty-list<OwedDrive> $drives that are made as one */
    private function drive(string $id, array $drives): Stage
    {
        $daylight = array_filter($drives, static fn(OwedDrive $drive): bool => $drive->daylight) !== [];
        $stage = $this->stage($id, 'drive', new Asks(right: self::DRIVES, windows: $daylight ? $this->daylight : []));
        $least = max(array_map(static fn(OwedDrive $drive): float => $drive->minutes, $drives));

        return new Stage($stage->id, $stage->kind, max($stage->minutes, (int) ceil($least)), $stage->spread, $stage->asks);
    }

    /**
     * @param list<SensorWork> $sensors
     *
     * @return array<string, non-empty-list<SensorWork>>
     */
    private static function byStance(array $sensors): array
    {
        $by = [];
        foreach ($sensors as $sensor) {
            if ($sensor->reached !== null) {
                $by[$sensor->stance ?? $sensor->id][] = $sensor;
            }
        }

        return $by;
    }

    /**
     * @param non-empty-list<SensorWork> $sensors of one stance
     * @param list<Progress>             $progress
     *
     * @return list<Part>
     */
    private function stay(string $id, string $stance, array $sensors, array $progress): array
    {
        // A car stands where it was worked on last; what was done to it elsewhere holds nothing any more.
        $latest = self::latest($progress);
        $here = $latest !== null && in_array($latest->sensor, array_map(static fn(SensorWork $sensor): string => $sensor->id, $sensors), true) ? $latest : null;
        $parts = [];
        $line = $this->line($id, $stance, $sensors, $progress, $here);
        if ($line !== []) {
            $parts[] = new Part("$id $stance line", $line, $stance);
        }
        foreach ($sensors as $sensor) {
            $stages = [];
            foreach (array_slice(SensorWork::STAGES, 3, null, true) as $i => $kind) {
                $made = self::of($progress, $kind, [$sensor->id]);
                if ($i < $sensor->stagesDone() && ($made === null || $here?->sensor !== $sensor->id)) {
                    continue;
                }
                $asks = $kind === 'run' ? new Asks(right: self::RUNS, kit: [self::TOOL]) : new Asks(kit: in_array($kind, self::MEASURED, true) ? $sensor->uses : []);
                $stages[] = $this->made($this->stage("$id {$sensor->id}", $kind, $asks, $sensor), $made, $i < $sensor->stagesDone(), $here);
            }
            $parts[] = new Part("$id {$sensor->id}", $stages, $stance, $sensor->targets, true);
        }

        return $parts;
    }

    /**
     * @param non-empty-list<SensorWork> $sensors of one stance
     * @param list<Progress>             $progress
     * @param Progress|null              $here the last of the car, where it was made at this stance
     *
     * @return list<Stage>
     */
    private function line(string $id, string $stance, array $sensors, array $progress, ?Progress $here): array
    {
        // The car's line is done when one of its sensors is past it.
        $furthest = max(array_map(static fn(SensorWork $sensor): int => $sensor->stagesDone(), $sensors));
        $uses = array_values(array_unique(array_merge(...array_map(static fn(SensorWork $sensor): array => $sensor->uses, $sensors))));
        $line = [];
        foreach (['prepare', 'floor', 'line'] as $i => $kind) {
            $made = self::of($progress, $kind, array_map(static fn(SensorWork $sensor): string => $sensor->id, $sensors));
            if ($i < $furthest && ($made === null || $here === null)) {
                continue;
            }
            $asks = new Asks(kit: in_array($kind, self::MEASURED, true) ? $uses : []);
            $line[] = $this->made($this->stage("$id $stance", $kind, $asks, $sensors[0]), $made, $i < $furthest, $here);
            if ($kind === 'prepare' && $this->warmUp > 0 && $i >= $furthest) {
                $line[] = new Stage("$id $stance warm-up", 'warm-up', $this->warmUp, 0.05, new Asks(hands: false));
            }
        }

        return $line;
    }

    /** A stage as it stands, where somebody has worked on it. */
    private function made(Stage $stage, ?Progress $made, bool $isDone, ?Progress $here): Stage
    {
        if ($made === null) {
            return $stage;
        }
        if ($isDone) {
            return new Stage($stage->id, $stage->kind, $stage->minutes, $stage->spread, $stage->asks, began: new Began($made->from, max($made->from, min($made->to, $this->now)), true, $made->person, $made->place, $made->units));
        }
        $left = (int) round(max(1.0, self::LEFT * $stage->minutes, $stage->minutes - $made->worked));
        if ($made->isOn && $made === $here) {
            return new Stage($stage->id, $stage->kind, $stage->minutes, $stage->spread, $stage->asks, began: new Began($made->from, $this->now + $left, false, $made->person, $made->place, $made->units));
        }

        return new Stage($stage->id, $stage->kind, $left, $stage->spread, $stage->asks);
    }

    /** @param list<Progress> $progress */
    private static function latest(array $progress): ?Progress
    {
        $latest = null;
        foreach ($progress as $one) {
            if ($latest === null || $one->to >= $latest->to) {
                $latest = $one;
            }
        }

        return $latest;
    }

    /**
     * @param list<Progress> $progress
     * @param list<string>   $sensors
     */
    private static function of(array $progress, string $stage, array $sensors): ?Progress
    {
        return self::latest(array_values(array_filter($progress, static fn(Progress $one): bool => $one->stage === $stage && in_array($one->sensor, $sensors, true))));
    }

    private function stage(string $of, string $kind, Asks $asks, ?SensorWork $sensor = null): Stage
    {
        $estimate = $this->durations->of($kind, $sensor?->kind, $sensor?->school);

        return new Stage("$of $kind", $kind, max(1, (int) round($estimate->minutes)), $estimate->spread, $asks);
    }
}
