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

    /**
     * @param Durations              $durations of the shop
     * @param list<array{int, int}>  $daylight  minutes in which drives are made
     * @param int                    $warmUp    minutes a car stands with its ignition on before the first run, 0 where nothing asks for it
     */
    public function __construct(private Durations $durations, private array $daylight, private int $warmUp = 0) {}

    /**
     * @param string                      $id        of the order
     * @param list<SensorWork>            $sensors   that are owed and not sealed
     * @param array<string, list<string>> $stances   stance → places that have room for it
     * @param list<string>                $scans     of "pre-scan" and "post-scan", those still to be made
     * @param int                         $roadTests functions that are still to be seen on the road
     * @param int                         $ready     minutes: from when nobody else has the car
     */
    public function car(string $id, array $sensors, array $stances, array $scans, int $roadTests, int $ready, ?int $promised): Car
    {
        $parts = in_array('pre-scan', $scans, true) ? [new Part("$id pre-scan", [$this->stage($id, 'pre-scan', new Asks(kit: [self::TOOL]))])] : [];
        foreach (self::byStance($sensors) as $stance => $of) {
            array_push($parts, ...$this->stay($id, (string) $stance, $of));
        }
        if (array_filter($sensors, static fn(SensorWork $sensor): bool => $sensor->drives) !== []) {
            $parts[] = new Part("$id drive", [$this->stage($id, 'drive', new Asks(right: self::DRIVES, windows: $this->daylight))]);
        }
        $last = in_array('post-scan', $scans, true) ? [$this->stage($id, 'post-scan', new Asks(kit: [self::TOOL]))] : [];
        if ($roadTests > 0) {
            $last[] = $this->stage($id, 'road', new Asks(right: self::DRIVES));
        }
        $parts[] = new Part("$id close", [...$last, $this->stage($id, 'close', new Asks())]);

        return new Car($id, $ready, $promised, $parts, $stances);
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
     *
     * @return list<Part>
     */
    private function stay(string $id, string $stance, array $sensors): array
    {
        $at = static fn(SensorWork $sensor): int => (int) array_search($sensor->reached, SensorWork::STAGES, true);
        // The car's line is done when one of its sensors is past it.
        $furthest = max(array_map($at, $sensors));
        $line = [];
        foreach (['prepare', 'floor', 'line'] as $i => $kind) {
            if ($i >= $furthest) {
                $line[] = $this->stage("$id $stance", $kind, new Asks(), $sensors[0]);
                if ($kind === 'prepare' && $this->warmUp > 0) {
                    $line[] = new Stage("$id $stance warm-up", 'warm-up', $this->warmUp, 0.05, new Asks(hands: false));
                }
            }
        }
        $parts = $line === [] ? [] : [new Part("$id $stance line", $line, $stance)];
        foreach ($sensors as $sensor) {
            $stages = [];
            foreach (array_slice(SensorWork::STAGES, max(3, $at($sensor))) as $kind) {
                $asks = $kind === 'run' ? new Asks(right: self::RUNS, kit: [self::TOOL]) : new Asks();
                $stages[] = $this->stage("$id {$sensor->id}", $kind, $asks, $sensor);
            }
            $parts[] = new Part("$id {$sensor->id}", $stages, $stance, $sensor->targets, true);
        }

        return $parts;
    }

    private function stage(string $of, string $kind, Asks $asks, ?SensorWork $sensor = null): Stage
    {
        $estimate = $this->durations->of($kind, $sensor?->kind, $sensor?->school);

        return new Stage("$of $kind", $kind, max(1, (int) round($estimate->minutes)), $estimate->spread, $asks);
    }
}
