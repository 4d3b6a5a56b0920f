<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Axis\AxisReading;
use Lumbro\Core\SetUp\SetUp;
use Lumbro\Core\Work\TaskStanding;

/** What each reading was good for: those without which the set-up would be known as well were taken for nothing. */
final class Worth
{
    /** A reading that makes the azimuth this much surer is worth having. */
    private const SURER = 1.02;

    /**
     * @return array<string, string> reading's id → "carries" where the set-up would be known worse without it, "nothing" where it
     *                               would not, else what became of it: "moved", "replaced" or "struck"
     */
    public static function of(TaskStanding $task): array
    {
        $state = $task->state();
        $whole = self::known($state->setUp);
        $worth = [];
        foreach ($state->record->readings as $reading) {
            $fate = $state->record->fate($reading);
            if ($fate !== 'counts') {
                $worth[$reading->id] = $fate;
                continue;
            }
            $without = self::known(new SetUp($state->context, $state->plan, array_diff_key($state->setUp->readings, [$reading->call => 0])));
            $worth[$reading->id] = self::isWorse($without, $whole) ? 'carries' : 'nothing';
        }

        return $worth;
    }

    /** @return array{placed: bool, consistent: bool|null, guards: array<string, bool>, spread: float, height: bool} */
    private static function known(SetUp $setUp): array
    {
        $guards = [];
        foreach (AxisReading::AXES as $axis) {
            $guards[$axis] = $setUp->guard($axis)?->holds() === true;
        }

        return [
            'placed' => $setUp->isPlaced(),
            'consistent' => $setUp->isConsistent(),
            'guards' => $guards,
            'spread' => $setUp->azimuthError()->uncertainty ?? INF,
            'height' => $setUp->height !== null,
        ];
    }

    /**
     * @param array{placed: bool, consistent: bool|null, guards: array<string, bool>, spread: float, height: bool} $without
     * @param array{placed: bool, consistent: bool|null, guards: array<string, bool>, spread: float, height: bool} $whole
     */
    private static function isWorse(array $without, array $whole): bool
    {
        $openGuard = array_filter(array_keys($whole['guards']), static fn(string $axis): bool => $whole['guards'][$axis] && ! $without['guards'][$axis]);

        return ($whole['placed'] && ! $without['placed'])
            || ($whole['height'] && ! $without['height'])
            // A contradiction that only this reading shows is worth the most.
            || $without['consistent'] !== $whole['consistent']
            || $openGuard !== []
            || $without['spread'] > self::SURER * $whole['spread'];
    }
}
