<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

use Lumbro\Core\Failure\NoDirection;
use Lumbro\Core\Survey\Observation\Observation;

/**
 * The cheapest further readings that bring a solved survey to its aims (maths, section 2.3, from what was read already):
 * all of them are taken first, then what is not needed is left out, dearest first. Leaving one out changes everything by
 * that one alone, so that it is quick enough to be worked out anew after every reading.
 */
final class Completion
{
    /** One way: everything that is known beforehand counts whatever is read. */
    private const NOTHING_GIVES_WAY = [['priors' => [], 'without' => []]];

    /** A reading whose place nothing else fixes cannot be left out. */
    private const ALONE = 1e-9;

    /** The longest slip that shows at all, in standard uncertainties: at the least redundancy that tests. */
    private const LONGEST = 42.0;

    /** @var list<array{row: array<int, float>, s: float, most: float|null}> what was read and known beforehand, then the candidates */
    private array $equations = [];

    /** How many of them are no candidates. */
    private int $own;

    /** @var list<array<int, float>> of all unknowns, with whatever is read now */
    private array $covariance;

    /** @var list<Aimed> */
    private array $aims = [];

    /** @var array<int, float> equation → its own variance before its s, aᵀCa */
    private array $spread = [];

    /** @var array<int, array<int, float>> aim → equation → gᵀCa */
    private array $shared = [];

    /** @var array<int, float> of each aim's figure */
    private array $variance = [];

    /** @var array<int, true> the equations that count */
    private array $read = [];

    /** @var array<int, float> equation → its row times what the candidate that is looked at shares with the unknowns */
    private array $with = [];

    /** @var list<int> in which equations are looked at: what failed last fails most likely again */
    private array $order;

    /** With all read that every way may read. */
    private ?self $common = null;

    /** @var array<int, self|null> way → with all read that it may read, before any aim; null where it leaves something unknown */
    private array $full = [];

    /**
     * @param list<Observation>    $candidates
     * @param array<string, float> $bounds id → the largest error of it that could pass unseen
     * @param list<array{priors: list<string>, without: list<int>}> $ways what gives way: priors that do not count where
     *                                         some candidates are read, each time with the candidates that may not be read then;
     *                                         after the first by which the aims are met with something given way, no more are tried
     *
     * @throws NoDirection where a candidate would say nothing
     */
    public function __construct(private readonly Solution $solution, private readonly array $candidates, array $bounds = [], private readonly array $ways = self::NOTHING_GIVES_WAY)
    {
        foreach ($solution->checked() as $one) {
            $this->equations[] = ['row' => array_combine($one->places, $one->row), 's' => $one->s, 'most' => $one->most];
        }
        $this->own = count($this->equations);
        foreach ($candidates as $candidate) {
            $this->equations[] = ['row' => Equation::of($candidate, $solution->geometry)->row, 's' => $candidate->s(), 'most' => $bounds[$candidate->id()] ?? null];
        }
        $this->order = array_keys($this->equations);
        $this->read = $this->own === 0 ? [] : array_fill(0, $this->own, true);
        $this->covariance = $solution->covarianceRows();
        $this->spreads();
    }

    /**
     * @param list<Aimed>          $aims
     * @param list<float>          $costs      minutes, ≥ 0, of each candidate
     * @param list<string|null>    $setUps     what has to be put up first for each candidate
     * @param array<string, float> $setUpCosts set-up → minutes, once; what stands already costs nothing
     *
     * @return list<int>|null indices of the candidates to read, rising; null where even all of them fall short
     */
    public function cheapest(array $aims, array $costs, array $setUps = [], array $setUpCosts = []): ?array
    {
        if ((clone $this)->aimedAt($aims)->meets()) {
            return [];
        }
        $best = null;
        foreach ($this->ways as $at => ['priors' => $priors, 'without' => $without]) {
            $way = $this->full($at);
            $way = $way === null ? null : (clone $way)->aimedAt($aims);
            if ($way?->meets() !== true) {
                continue;
            }
            foreach (self::orders($costs, $setUps, $setUpCosts) as $order) {
                $left = (clone $way)->thinned(array_values(array_diff($order, $without)));
                $cost = self::cost($left, $costs, $setUps, $setUpCosts);
                if ($best === null || $cost < $best[0] - 1e-9) {
                    $best = [$cost, $left];
                }
            }
            if ($priors !== []) {
                break;
            }
        }

        return $best[1] ?? null;
    }

    /** With all read that a way may read; null where what gives way leaves something unknown. Worked out once for whatever is aimed at. */
    private function full(int $at): ?self
    {
        if (! array_key_exists($at, $this->full)) {
            $common = array_values(array_diff(array_keys($this->candidates), ...array_column($this->ways, 'without')));
            if ($this->common === null) {
                $this->common = clone $this;
                $this->common->reads($common);
            }
            $way = clone $this->common;
            $way->reads(array_values(array_diff(array_keys($this->candidates), $this->ways[$at]['without'], $common)));
            $way->spreads();
            $this->full[$at] = $way->doesWithout($this->ways[$at]['priors']) ? $way : null;
        }

        return $this->full[$at];
    }

    /**
     * What candidates cost with all that has to be put up for them, minutes.
     *
     * @param list<int>            $taken
     * @param list<float>          $costs
     * @param list<string|null>    $setUps
     * @param array<string, float> $setUpCosts
     */
    public static function cost(array $taken, array $costs, array $setUps, array $setUpCosts): float
    {
        $needed = array_filter(array_map(static fn(int $i): ?string => $setUps[$i] ?? null, $taken), is_string(...));

        return array_sum(array_map(static fn(int $i): float => $costs[$i], $taken)) + array_sum(array_intersect_key($setUpCosts, array_flip($needed)));
    }

    /**
     * In which the candidates are tried to be left out: dearest first, the later or the earlier of equals first; then the
     * same with all of one set-up first.
     *
     * @param list<float>          $costs
     * @param list<string|null>    $setUps
     * @param array<string, float> $setUpCosts
     *
     * @return list<list<int>>
     */
    private static function orders(array $costs, array $setUps, array $setUpCosts): array
    {
        $later = $earlier = array_keys($costs);
        usort($later, static fn(int $a, int $b): int => [$costs[$b], $b] <=> [$costs[$a], $a]);
        usort($earlier, static fn(int $a, int $b): int => [$costs[$b], -$b] <=> [$costs[$a], -$a]);

        $orders = [$later, $earlier];
        foreach (array_keys(array_filter($setUpCosts)) as $setUp) {
            $of = array_values(array_filter($later, static fn(int $i): bool => ($setUps[$i] ?? null) === $setUp));
            if ($of !== []) {
                $orders[] = [...$of, ...array_values(array_diff($later, $of))];
            }
        }

        return $orders;
    }

    /**
     * Works out what all that is read says of some aims.
     *
     * @param list<Aimed> $aims
     */
    private function aimedAt(array $aims): self
    {
        $this->aims = $aims;
        foreach ($aims as $aim) {
            $carried = $this->carried($aim->figure->gradient);
            $this->shared[] = array_map(static fn(array $one): float => self::times($one['row'], $carried), $this->equations);
            $this->variance[] = self::times($aim->figure->gradient, $carried);
        }

        return $this;
    }

    /** Works out how unsure each equation's own reading is with what is read. */
    private function spreads(): void
    {
        foreach ($this->equations as $i => $one) {
            $this->spread[$i] = self::times($one['row'], $this->carried($one['row']));
        }
    }

    /**
     * Takes some of the candidates beside what was read.
     *
     * @param list<int> $candidates
     */
    private function reads(array $candidates): void
    {
        foreach ($candidates as $candidate) {
            $i = $this->own + $candidate;
            $this->read[$i] = true;
            $own = $this->carried($this->equations[$i]['row']);
            $this->change($own, -1 / ($this->equations[$i]['s'] ** 2 + self::times($this->equations[$i]['row'], $own)));
        }
    }

    /**
     * No longer counts some priors.
     *
     * @param list<string> $priors
     *
     * @return bool whether something else fixes what they said
     */
    private function doesWithout(array $priors): bool
    {
        foreach ($this->solution->checked() as $at => $one) {
            if (! in_array($one->id, $priors, true)) {
                continue;
            }
            $own = $this->carried($this->equations[$at]['row']);
            $scale = $this->equations[$at]['s'] ** 2 - $this->spread[$at];
            if ($scale < self::ALONE * $this->equations[$at]['s'] ** 2) {
                return false;
            }
            unset($this->read[$at]);
            $this->with = [];
            $this->leave($own, $scale);
        }

        return true;
    }

    /**
     * Leaves out what is not needed.
     *
     * @param list<int> $order of the candidates
     *
     * @return list<int> what is left of them, rising
     */
    private function thinned(array $order): array
    {
        foreach ($order as $candidate) {
            $at = $this->own + $candidate;
            $own = $this->carried($this->equations[$at]['row']);
            $scale = $this->equations[$at]['s'] ** 2 - $this->spread[$at];
            if ($scale < self::ALONE * $this->equations[$at]['s'] ** 2) {
                continue;
            }
            unset($this->read[$at]);
            $this->with = [];
            if ($this->meets($own, $scale)) {
                $this->leave($own, $scale);
            } else {
                $this->read[$at] = true;
            }
        }
        $left = array_map(fn(int $at): int => $at - $this->own, array_filter(array_keys($this->read), fn(int $at): bool => $at >= $this->own));
        sort($left);

        return $left;
    }

    /**
     * Whether all aims are met by what is read; or would be without the reading that shares this with the unknowns.
     *
     * @param array<int, float>|null $own   its row times the covariance
     * @param float                  $scale its s² less its spread
     */
    private function meets(?array $own = null, float $scale = 1.0): bool
    {
        foreach ($this->aims as $k => $aim) {
            $gained = $own === null ? 0.0 : self::times($aim->figure->gradient, $own) / $scale;
            $variance = $this->variance[$k] + $gained ** 2 * $scale;
            if ($aim->uncertainty !== null && $variance > $aim->uncertainty ** 2) {
                return false;
            }
            if ($aim->hidden === null) {
                continue;
            }
            foreach ($this->order as $i) {
                if (! isset($this->read[$i])) {
                    continue;
                }
                $with = $own === null ? 0.0 : $this->with[$i] ??= self::times($this->equations[$i]['row'], $own);
                if (! self::isSeen($this->equations[$i]['s'], $this->equations[$i]['most'], $this->shared[$k][$i] + $with * $gained, $this->spread[$i] + $with * $with / $scale, $variance, $aim->hidden)) {
                    $this->order = [$i, ...array_values(array_diff($this->order, [$i]))];

                    return false;
                }
            }
        }

        return true;
    }

    /** Whether no slip of one equation could carry a figure of this variance further than the limit unseen. */
    private static function isSeen(float $s, ?float $most, float $shared, float $spread, float $variance, float $limit): bool
    {
        $share = ($shared / $s) ** 2;
        if ($share < Hidden::NEGLIGIBLE * $variance && $share * self::LONGEST ** 2 <= $limit * $limit) {
            return true;
        }
        $per = abs($shared) / ($s * $s);
        if ($most !== null && $per * $most <= $limit) {
            return true;
        }
        $slip = Hidden::slip($s, 1 - $spread / ($s * $s));

        return $slip === null ? $most === null && $share < Hidden::NEGLIGIBLE * $variance : $per * $slip <= $limit;
    }

    /**
     * No longer reads what shares this with the unknowns.
     *
     * @param array<int, float> $own
     */
    private function leave(array $own, float $scale): void
    {
        $gained = [];
        foreach ($this->aims as $k => $aim) {
            $gained[$k] = self::times($aim->figure->gradient, $own) / $scale;
            $this->variance[$k] += $gained[$k] ** 2 * $scale;
        }
        foreach ($this->equations as $i => ['row' => $row]) {
            $with = $this->with[$i] ?? self::times($row, $own);
            if ($with !== 0.0) {
                $this->spread[$i] += $with * $with / $scale;
                foreach ($gained as $k => $by) {
                    $this->shared[$k][$i] += $with * $by;
                }
            }
        }
        $this->change($own, 1 / $scale);
    }

    /**
     * C ← C + f·o oᵀ.
     *
     * @param array<int, float> $own
     */
    private function change(array $own, float $factor): void
    {
        foreach ($this->covariance as $i => $line) {
            $by = $factor * $own[$i];
            if ($by !== 0.0) {
                foreach ($own as $j => $value) {
                    $line[$j] += $by * $value;
                }
                $this->covariance[$i] = $line;
            }
        }
    }

    /**
     * @param array<int, float> $row
     *
     * @return array<int, float> for every unknown
     */
    private function carried(array $row): array
    {
        $carried = [];
        foreach ($this->covariance as $i => $line) {
            $sum = 0.0;
            foreach ($row as $place => $derivative) {
                $sum += $derivative * $line[$place];
            }
            $carried[$i] = $sum;
        }

        return $carried;
    }

    /**
     * @param array<int, float> $row
     * @param array<int, float> $vector
     */
    private static function times(array $row, array $vector): float
    {
        $sum = 0.0;
        foreach ($row as $place => $derivative) {
            $sum += $derivative * $vector[$place];
        }

        return $sum;
    }
}
