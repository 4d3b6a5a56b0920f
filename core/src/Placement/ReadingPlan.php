<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\NoDirection;
use Lumbro\Core\Survey\Forecast;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Hidden;
use Lumbro\Core\Survey\Layout;

/**
 * The cheapest readings that meet all aims (maths, section 2.3): exact up to twelve candidates; beyond, greedy adding and
 * taking away from all of them, each followed by leaving out, dearest first, what is not needed.
 */
final class ReadingPlan
{
    private const EXACT = 12;

    /** Costs nearer than this count as equal. */
    private const EQUAL = 1e-9;

    /** What an unbounded or free figure counts for, in parts of its aim. */
    private const FAR = 10.0;

    /** @var list<string> */
    private array $names;

    private Forecast $forecast;

    /** @var array<string, list<array{uncertainty: float|null, hidden: Hidden|null}>> what was forecast already */
    private array $known = [];

    /**
     * @param PlacementTask          $task    with its candidates and their bounds
     * @param list<float>            $costs   of each candidate, minutes, ≥ 0
     * @param list<string|null>      $setups  that each candidate needs
     * @param array<string, float>   $setupCosts set-up → minutes, once; those that stand already cost nothing
     * @param array<string, Aim>     $aims    deviation → how well it has to be known
     */
    private function __construct(private PlacementTask $task, private array $costs, private array $setups, private array $setupCosts, private array $aims)
    {
        $layout = new Layout($task->network);
        $start = new Geometry($layout, $layout->start);
        $figures = Placement::figures($task, $start);
        $this->names = array_keys($aims);
        try {
            $this->forecast = new Forecast($task->network, $start, $task->candidates, $task->reliably->bounds ?? [], array_map(static fn(string $name) => $figures[$name], $this->names));
        } catch (NoDirection $failure) {
            throw $failure->inList('/candidates');
        }
    }

    /**
     * @param list<float>          $costs
     * @param list<string|null>    $setups
     * @param array<string, float> $setupCosts
     * @param array<string, Aim>   $aims
     *
     * @return array{met: bool, chosen: list<int>, cost: float, aims: array<string, array{uncertainty: float|null, hidden: float|null, met: bool}>}
     *
     * @throws InvalidInput where a candidate would say nothing where the search starts
     */
    public static function of(PlacementTask $task, array $costs, array $setups, array $setupCosts, array $aims): array
    {
        $plan = new self($task, $costs, $setups, $setupCosts, $aims);
        $chosen = count($costs) <= self::EXACT ? $plan->exact() : $plan->found();
        $met = $chosen !== null;
        $chosen ??= array_keys($costs);

        return ['met' => $met, 'chosen' => $chosen, 'cost' => $plan->cost($chosen), 'aims' => $plan->reached($chosen)];
    }

    /** @return list<int>|null the cheapest of all subsets; null where none meets the aims */
    private function exact(): ?array
    {
        $count = count($this->costs);
        $subsets = [];
        for ($mask = 0; $mask < 1 << $count; $mask++) {
            $subset = [];
            for ($i = 0; $i < $count; $i++) {
                if ($mask & 1 << $i) {
                    $subset[] = $i;
                }
            }
            $subsets[] = [$this->cost($subset), $subset];
        }
        usort($subsets, static fn(array $a, array $b): int => self::order($a, $b));
        foreach ($subsets as [, $subset]) {
            if ($this->meets($subset)) {
                return $subset;
            }
        }

        return null;
    }

    /** @return list<int>|null the best of several searches; null where even all candidates do not meet the aims */
    private function found(): ?array
    {
        $all = array_keys($this->costs);
        if (! $this->meets($all)) {
            return null;
        }
        $best = [INF, $all];
        foreach ([$this->pruned($all), $this->pruned($this->grown([]))] as $subset) {
            $found = [$this->cost($subset), $subset];
            if (self::order($found, $best) < 0) {
                $best = $found;
            }
        }

        return $best[1];
    }

    /**
     * Adds what brings the aims nearest per minute, until they are met.
     *
     * @param list<int> $chosen
     *
     * @return list<int>
     */
    private function grown(array $chosen): array
    {
        while (! $this->meets($chosen)) {
            $before = $this->lack($chosen);
            [$next, $best] = [null, -INF];
            foreach (array_diff(array_keys($this->costs), $chosen) as $i) {
                $with = [...$chosen, $i];
                sort($with);
                $minutes = max(self::EQUAL, $this->cost($with) - $this->cost($chosen));
                $worth = ($before - $this->lack($with)) / $minutes;
                if ($worth > $best) {
                    [$next, $best] = [$with, $worth];
                }
            }
            $chosen = $next ?? array_keys($this->costs);
        }

        return $chosen;
    }

    /**
     * Leaves out, dearest first, what is not needed.
     *
     * @param list<int> $chosen that meet the aims
     *
     * @return list<int>
     */
    private function pruned(array $chosen): array
    {
        $dearest = $chosen;
        usort($dearest, fn(int $a, int $b): int => [$this->costs[$b], $b] <=> [$this->costs[$a], $a]);
        foreach ($dearest as $i) {
            $without = array_values(array_diff($chosen, [$i]));
            if ($this->meets($without)) {
                $chosen = $without;
            }
        }

        return $chosen;
    }

    /**
     * Cheaper first; among equals the fewer readings, then the earlier ones.
     *
     * @param array{float, list<int>} $a
     * @param array{float, list<int>} $b
     */
    private static function order(array $a, array $b): int
    {
        if (abs($a[0] - $b[0]) > self::EQUAL) {
            return $a[0] <=> $b[0];
        }
        if (count($a[1]) !== count($b[1])) {
            return count($a[1]) <=> count($b[1]);
        }
        foreach ($a[1] as $i => $index) {
            if ($index !== $b[1][$i]) {
                return $index <=> $b[1][$i];
            }
        }

        return 0;
    }

    /** @param list<int> $chosen */
    private function cost(array $chosen): float
    {
        $cost = 0.0;
        $setups = [];
        foreach ($chosen as $i) {
            $cost += $this->costs[$i];
            if ($this->setups[$i] !== null) {
                $setups[$this->setups[$i]] = true;
            }
        }

        return $cost + array_sum(array_intersect_key($this->setupCosts, $setups));
    }

    /** @param list<int> $chosen */
    private function meets(array $chosen): bool
    {
        foreach ($this->reached($chosen) as $aim) {
            if (! $aim['met']) {
                return false;
            }
        }

        return true;
    }

    /**
     * How far the aims are missed, in parts of them.
     *
     * @param list<int> $chosen
     */
    private function lack(array $chosen): float
    {
        $lack = 0.0;
        $part = static fn(?float $value, float $aim): float => $value === null ? self::FAR : max(0.0, $value / max($aim, 1e-12) - 1);
        foreach ($this->reached($chosen) as $name => $reached) {
            $aim = $this->aims[$name];
            $lack += $aim->uncertainty === null ? 0.0 : $part($reached['uncertainty'], $aim->uncertainty);
            $lack += $aim->hidden === null ? 0.0 : $part($reached['hidden'], $aim->hidden);
        }

        return $lack;
    }

    /**
     * @param list<int> $chosen
     *
     * @return array<string, array{uncertainty: float|null, hidden: float|null, met: bool}>
     */
    private function reached(array $chosen): array
    {
        $reached = [];
        foreach ($this->known[implode(' ', $chosen)] ??= $this->forecast->with($chosen) as $i => $said) {
            $aim = $this->aims[$this->names[$i]];
            $hidden = $said['hidden']->largest ?? null;
            $reached[$this->names[$i]] = [
                'uncertainty' => $said['uncertainty'],
                'hidden' => $hidden,
                'met' => $said['uncertainty'] !== null
                    && ($aim->uncertainty === null || $said['uncertainty'] <= $aim->uncertainty)
                    && ($aim->hidden === null || ($hidden !== null && $hidden <= $aim->hidden)),
            ];
        }

        return $reached;
    }
}
