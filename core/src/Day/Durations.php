<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * How long a shop's stages take (maths, section 11): what is usual, drawn towards the shop's own records as they come in;
 * then by what drives the difference, one after the other: sensor, school, person. A duration's logarithm is taken as
 * normal, since nothing takes less than no time and some things take much longer.
 */
final readonly class Durations
{
    /** Stage → minutes it usually takes, until the shop's own records say otherwise. */
    public const USUAL = [
        'pre-scan' => 12.0, 'capture' => 8.0, 'prepare' => 12.0, 'warm-up' => 15.0, 'floor' => 10.0, 'line' => 18.0,
        'place' => 18.0, 'run' => 12.0, 'prove' => 8.0, 'drive' => 35.0, 'post-scan' => 10.0, 'road' => 20.0, 'close' => 6.0,
    ];

    /** Of a stage that is not among them. */
    private const OTHER = 15.0;

    /** The spread that is usual, and how many records it counts as. */
    private const SPREAD = 0.35;
    private const SPREAD_COUNTS = 6;

    /** How many records what is usual counts as; a group needs about as many to speak for itself. */
    private const COUNTS = 3;

    /** What drives a difference, in the order in which it is taken out. */
    public const DRIVERS = ['sensor', 'school', 'person'];

    /**
     * @param array<string, array{float, float, int}>                       $stages  stage → mean of the logarithm, spread, records
     * @param array<string, array<string, array{factor: float, jobs: int}>> $drivers driver → which → what it multiplies by
     */
    private function __construct(private array $stages, public array $drivers) {}

    /** @param list<Taken> $taken the shop's own, in any order */
    public static function learned(array $taken): self
    {
        $stages = [];
        $left = [];
        foreach ($taken as $i => $one) {
            $left[$one->kind][$i] = log($one->minutes) - self::usual($one->kind);
        }
        foreach ($left as $kind => $residuals) {
            $mean = array_sum($residuals) / (count($residuals) + self::COUNTS);
            $stages[$kind] = [self::usual($kind) + $mean, 0.0, count($residuals)];
            foreach ($residuals as $i => $residual) {
                $left[$kind][$i] = $residual - $mean;
            }
        }
        $all = [];
        foreach ($left as $residuals) {
            $all += $residuals;
        }
        $drivers = [];
        foreach (self::DRIVERS as $driver) {
            [$drivers[$driver], $all] = self::driver($driver, $taken, $all);
        }
        foreach ($stages as $kind => [$mean, , $count]) {
            $square = 0.0;
            foreach (array_keys($left[$kind]) as $i) {
                $square += $all[$i] ** 2;
            }
            $stages[$kind][1] = sqrt(($square + self::SPREAD_COUNTS * self::SPREAD ** 2) / ($count + self::SPREAD_COUNTS));
        }

        return new self($stages, $drivers);
    }

    /** Of a stage, with as much as is known of it. */
    public function of(string $kind, ?string $sensor = null, ?string $school = null, ?string $person = null): Estimate
    {
        [$mean, $spread, $jobs] = $this->stages[$kind] ?? [self::usual($kind), self::SPREAD, 0];
        foreach (['sensor' => $sensor, 'school' => $school, 'person' => $person] as $driver => $which) {
            $mean += log($this->drivers[$driver][$which ?? '']['factor'] ?? 1.0);
        }
        // What is not known of the mean makes one duration as uncertain as a spread does.
        $all = $spread * sqrt(1 + 1 / ($jobs + self::COUNTS));

        return new Estimate(exp($mean + $all ** 2 / 2), $all, $jobs);
    }

    /**
     * What was told beside what was taken, by each that may drive the difference.
     *
     * @param list<Taken> $taken of which those count that something was told of
     *
     * @return array<string, array<string, array{ratio: float, jobs: int}>> driver, or "stage" → which → how many times what was told they took, in the middle
     */
    public static function misses(array $taken): array
    {
        $logs = [];
        foreach ($taken as $one) {
            if ($one->told === null || $one->told <= 0) {
                continue;
            }
            foreach (['stage' => $one->kind, 'sensor' => $one->sensor, 'school' => $one->school, 'person' => $one->person] as $driver => $which) {
                if ($which !== null) {
                    $logs[$driver][$which][] = log($one->minutes / $one->told);
                }
            }
        }

        return array_map(static fn(array $of): array => array_map(self::middle(...), $of), $logs);
    }

    /**
     * The same of all of them together.
     *
     * @param list<Taken> $taken
     *
     * @return array{ratio: float, jobs: int}|null null where nothing was told of any
     */
    public static function miss(array $taken): ?array
    {
        $told = array_filter($taken, static fn(Taken $one): bool => $one->told !== null && $one->told > 0);

        return $told === [] ? null : self::middle(array_values(array_map(static fn(Taken $one): float => log($one->minutes / $one->told), $told)));
    }

    /**
     * @param list<float> $logs at least one
     *
     * @return array{ratio: float, jobs: int}
     */
    private static function middle(array $logs): array
    {
        sort($logs);
        $half = intdiv(count($logs), 2);

        return ['ratio' => exp(count($logs) % 2 === 1 ? $logs[$half] : ($logs[$half - 1] + $logs[$half]) / 2), 'jobs' => count($logs)];
    }

    /**
     * @param list<Taken>       $taken
     * @param array<int, float> $left  record → what of its logarithm is not explained yet
     *
     * @return array{array<string, array{factor: float, jobs: int}>, array<int, float>}
     */
    private static function driver(string $driver, array $taken, array $left): array
    {
        $groups = [];
        foreach ($left as $i => $residual) {
            $which = match ($driver) {
                'sensor' => $taken[$i]->sensor,
                'school' => $taken[$i]->school,
                default => $taken[$i]->person,
            };
            if ($which !== null) {
                $groups[$which][$i] = $residual;
            }
        }
        $factors = [];
        foreach ($groups as $which => $residuals) {
            $effect = array_sum($residuals) / (count($residuals) + self::COUNTS);
            $factors[(string) $which] = ['factor' => exp($effect), 'jobs' => count($residuals)];
            foreach ($residuals as $i => $residual) {
                $left[$i] = $residual - $effect;
            }
        }

        return [$factors, $left];
    }

    /** Mean of the logarithm. */
    private static function usual(string $kind): float
    {
        return log(self::USUAL[$kind] ?? self::OTHER) - self::SPREAD ** 2 / 2;
    }
}
