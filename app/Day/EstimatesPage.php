<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\User;
use App\Records\StageTimes;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Day\Durations;
use Lumbro\Core\Day\SensorWork;
use Lumbro\Core\Day\Taken;

/** What stages are expected to take beside what they took, by what drives the difference and over time. */
final class EstimatesPage
{
    private const WEEKS = 26;

    /** @return array<string, mixed> */
    public static function of(User $user): array
    {
        $taken = StageTimes::taken($user->shop_id);
        $learned = Durations::learned(array_values($taken));
        $misses = Durations::misses(array_values($taken));
        $people = DB::table('users')->where('shop_id', $user->shop_id)->pluck('name', 'id')->all();
        $drivers = [];
        foreach (Durations::DRIVERS as $driver) {
            foreach ($learned->drivers[$driver] ?? [] as $which => ['factor' => $factor, 'jobs' => $jobs]) {
                $drivers[] = ['driver' => $driver, 'which' => (string) $which, 'name' => $driver === 'person' ? $people[$which] ?? null : null, 'factor' => $factor, 'jobs' => $jobs, 'ratio' => $misses[$driver][$which]['ratio'] ?? null];
            }
        }

        return [
            'stages' => array_map(static function (string $kind) use ($learned, $misses): array {
                $is = $learned->of($kind);

                return ['kind' => $kind, 'usual' => Durations::USUAL[$kind], 'minutes' => $is->minutes, 'most' => $is->within(0.9), 'jobs' => $is->jobs, 'ratio' => $misses['stage'][$kind]['ratio'] ?? null];
            }, SensorWork::STAGES),
            'drivers' => $drivers,
            'weeks' => self::weeks($taken),
            'jobs' => count($taken),
        ];
    }

    /**
     * @param array<string, Taken> $taken when it ended → how long it took
     *
     * @return list<array{week: string, ratio: float, jobs: int}> the latest last
     */
    private static function weeks(array $taken): array
    {
        $by = [];
        foreach ($taken as $ended => $one) {
            $by[(new \DateTimeImmutable(explode(' | ', $ended)[0]))->format('o-\WW')][] = $one;
        }
        ksort($by);
        $weeks = [];
        foreach (array_slice($by, -self::WEEKS) as $week => $of) {
            $miss = Durations::miss($of);
            if ($miss !== null) {
                $weeks[] = ['week' => $week, ...$miss];
            }
        }

        return $weeks;
    }
}
