<?php

declare(strict_types=1);

namespace Lumbro\Core\Planning;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Bay\Stance;

/**
 * Where a car is to stand (maths, section 9): nose in or out, at the place that serves all needs with the largest
 * smallest clearance; where none does, the fewest stances that serve all of them between them.
 */
final class StanceSearch
{
    private const HEADINGS = [0.0, 180.0];

    /** Between two places that are tried at first, and at last, mm. */
    private const COARSE = 250.0;
    private const FINE = 10.0;

    /** No car stands in more places than this for one job. */
    private const MOST = 4;

    /**
     * @param Need       $car   needed at every stance
     * @param list<Need> $needs
     *
     * @return list<array{stance: Stance, fits: list<Fit>}> best first; each serves the needs among its fits that hold, and none twice
     */
    public static function best(Bay $bay, Need $car, array $needs): array
    {
        $found = [];
        $left = $needs;
        $tried = self::tried($bay, $car, $needs);
        while ($left !== [] && count($found) < self::MOST) {
            $best = self::bestOf($tried, $left);
            if ($best === null) {
                break;
            }
            $served = array_values(array_filter($left, static fn(Need $need): bool => ($best['clear'][$need->id] ?? -1.0) >= 0));
            if ($served === []) {
                break;
            }
            $stance = self::refined($best['stance'], $bay, $car, $served);
            // Looked at closely, something may be in the way after all.
            $served = array_values(array_filter($served, static fn(Need $need): bool => Fit::of($need, $bay, $stance)->holds()));
            if ($served === []) {
                break;
            }
            $found[] = ['stance' => $stance, 'fits' => array_map(static fn(Need $need): Fit => Fit::of($need, $bay, $stance), [$car, ...$served])];
            $left = array_values(array_filter($left, static fn(Need $need): bool => ! in_array($need, $served, true)));
        }

        return $found;
    }

    /**
     * The stance that comes nearest to serving these needs, where none does: to say what is in the way.
     *
     * @param list<Need> $needs
     */
    public static function nearest(Bay $bay, Need $car, array $needs): Stance
    {
        $best = null;
        foreach (self::tried($bay, $car, $needs) as $try) {
            $least = min([$try['car'], ...array_values($try['clear'])]);
            if ($best === null || $least > $best[0]) {
                $best = [$least, $try['stance']];
            }
        }

        return $best === null ? new Stance() : self::refined($best[1], $bay, $car, $needs);
    }

    /**
     * @param list<Need> $needs
     *
     * @return list<array{stance: Stance, car: float, clear: array<string, float>}>
     */
    private static function tried(Bay $bay, Need $car, array $needs): array
    {
        [$xs, $ys] = [array_column($bay->outline, 0), array_column($bay->outline, 1)];
        $tried = [];
        foreach (self::HEADINGS as $heading) {
            for ($x = min($xs ?: [0.0]); $x <= max($xs ?: [0.0]); $x += self::COARSE) {
                for ($y = min($ys ?: [0.0]); $y <= max($ys ?: [0.0]); $y += self::COARSE) {
                    $stance = new Stance($x, $y, $heading);
                    $own = Fit::of($car, $bay, $stance, true)->clearance;
                    // A place that the car itself misses by more than a step is none.
                    if ($own < -self::COARSE) {
                        continue;
                    }
                    $clear = [];
                    foreach ($needs as $need) {
                        $clear[$need->id] = Fit::of($need, $bay, $stance, true)->clearance;
                    }
                    $tried[] = ['stance' => $stance, 'car' => $own, 'clear' => $clear];
                }
            }
        }

        return $tried;
    }

    /**
     * The one that serves most of these needs, and of those the one with the largest smallest clearance.
     *
     * @param list<array{stance: Stance, car: float, clear: array<string, float>}> $tried
     * @param list<Need>                                                           $needs
     *
     * @return array{stance: Stance, car: float, clear: array<string, float>}|null
     */
    private static function bestOf(array $tried, array $needs): ?array
    {
        $best = null;
        $rank = [0, -INF];
        foreach ($tried as $try) {
            if ($try['car'] < 0) {
                continue;
            }
            $clear = array_filter(array_map(static fn(Need $need): float => $try['clear'][$need->id], $needs), static fn(float $clearance): bool => $clearance >= 0);
            $own = [count($clear), min([$try['car'], ...$clear])];
            if ($own > $rank) {
                [$best, $rank] = [$try, $own];
            }
        }

        return $best;
    }

    /**
     * Moved in ever smaller steps as long as the smallest clearance grows.
     *
     * @param list<Need> $needs
     */
    private static function refined(Stance $stance, Bay $bay, Need $car, array $needs): Stance
    {
        $least = static fn(Stance $at): float => min(array_map(static fn(Need $need): float => Fit::of($need, $bay, $at)->clearance, [$car, ...$needs]));
        $now = $least($stance);
        for ($step = self::COARSE / 2; $step >= self::FINE; $step /= 2) {
            do {
                $before = $now;
                // Slantwise too: along a ridge between two walls neither axis alone gains anything.
                foreach ([[1, 0], [-1, 0], [0, 1], [0, -1], [1, 1], [1, -1], [-1, 1], [-1, -1]] as [$dx, $dy]) {
                    $next = new Stance($stance->x + $dx * $step, $stance->y + $dy * $step, $stance->heading);
                    $clearance = $least($next);
                    if ($clearance > $now + 1e-6) {
                        [$stance, $now] = [$next, $clearance];
                    }
                }
            } while ($now > $before + 1.0);
        }

        return new Stance(round($stance->x), round($stance->y), $stance->heading);
    }
}
