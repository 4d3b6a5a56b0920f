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

    /** @var list<array<int, float>> derivatives by unknown of what was read and known beforehand, then of the candidates */
    private array $rows = [];

    /** @var list<float> s² of each */
    private array $squares = [];

    /** @var list<float> the largest error of each that could pass unseen */
    private array $most = [];

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

    /** The equation that failed last: it fails most likely again. */
    private int $failed = 0;

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
            $this->equation(array_combine($one->places, $one->row), $one->s, $one->most);
        }
        $this->own = count($this->rows);
        foreach ($candidates as $candidate) {
            $this->equation(Equation::of($candidate, $solution->geometry)->row, $candidate->s(), $bounds[$candidate->id()] ?? null);
        }
        $this->read = $this->own === 0 ? [] : array_fill(0, $this->own, true);
        $this->covariance = $solution->covarianceRows();
        $this->spreads();
    }

    /** @param array<int, float> $row */
    private function equation(array $row, float $s, ?float $most): void
    {
        $this->rows[] = $row;
        $this->squares[] = $s * $s;
        $this->most[] = $most ?? INF;
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
            $this->shared[] = $this->seenBy($carried);
            $this->variance[] = self::times($aim->figure->gradient, $carried);
        }

        return $this;
    }

    /** Works out how unsure each equation's own reading is with what is read. */
    private function spreads(): void
    {
        $covariance = $this->covariance;
        foreach ($this->rows as $i => $row) {
            $spread = 0.0;
            foreach ($row as $place => $derivative) {
                $line = $covariance[$place];
                $sum = 0.0;
                foreach ($row as $other => $by) {
                    $sum += $by * $line[$other];
                }
                $spread += $derivative * $sum;
            }
            $this->spread[$i] = $spread;
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
            $own = $this->carried($this->rows[$i]);
            $this->change($own, -1 / ($this->squares[$i] + self::times($this->rows[$i], $own)));
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
            $own = $this->carried($this->rows[$at]);
            $scale = $this->squares[$at] - $this->spread[$at];
            if ($scale < self::ALONE * $this->squares[$at]) {
                return false;
            }
            unset($this->read[$at]);
            $this->leave($own, $this->seenBy($own), $scale);
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
            $scale = $this->squares[$at] - $this->spread[$at];
            if ($scale < self::ALONE * $this->squares[$at]) {
                continue;
            }
            unset($this->read[$at]);
            $own = $this->carried($this->rows[$at]);
            $with = $this->seenBy($own);
            if ($this->meets($own, $with, $scale)) {
                $this->leave($own, $with, $scale);
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
     * @param array<int, float>      $own   its row times the covariance; none: nothing is left out
     * @param array<int, float>|null $with  equation → what that shares with it
     * @param float                  $scale its s² less its spread
     */
    private function meets(array $own = [], ?array $with = null, float $scale = 1.0): bool
    {
        $gained = $variances = [];
        foreach ($this->aims as $k => $aim) {
            $gained[$k] = $own === [] ? 0.0 : self::times($aim->figure->gradient, $own) / $scale;
            $variances[$k] = $this->variance[$k] + $gained[$k] ** 2 * $scale;
            if ($aim->uncertainty !== null && $variances[$k] > $aim->uncertainty ** 2) {
                return false;
            }
        }
        foreach ($this->aims as $k => $aim) {
            if ($aim->hidden !== null && ! $this->showsAll($this->shared[$k], $with ?? array_map(static fn(): float => 0.0, $this->read), $gained[$k], 1 / $scale, $variances[$k], $aim->hidden)) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether no slip of anything that is read could carry a figure further than the limit unseen.
     *
     * @param array<int, float> $shared   equation → what the figure shares with it
     * @param array<int, float> $with     equation → what the reading that is left out shares with it
     * @param float             $gained   what the figure shares with that reading, by its scale
     * @param float             $per      1 / scale
     * @param float             $variance of the figure
     */
    private function showsAll(array $shared, array $with, float $gained, float $per, float $variance, float $limit): bool
    {
        $squares = $this->squares;
        $mosts = $this->most;
        $spreads = $this->spread;
        $shown = $limit * $limit / Hidden::DETECTED ** 2;
        $little = Hidden::NEGLIGIBLE * $variance;
        $longest = $limit * $limit / self::LONGEST ** 2;
        // What failed last fails most likely again.
        $first = $this->failed;
        if (isset($this->read[$first]) && ! self::isSeen($squares[$first], $mosts[$first], $shared[$first] + $with[$first] * $gained, $spreads[$first] + $with[$first] * $with[$first] * $per, $shown, $little, $longest, $limit)) {
            return false;
        }
        foreach ($this->read as $i => $_) {
            $by = $with[$i];
            $carries = $shared[$i] + $by * $gained;
            // Most bring next to nothing.
            $share = $carries * $carries / $squares[$i];
            if (($share >= $little || $share > $longest) && ! self::isSeen($squares[$i], $mosts[$i], $carries, $spreads[$i] + $by * $by * $per, $shown, $little, $longest, $limit)) {
                $this->failed = $i;

                return false;
            }
        }

        return true;
    }

    /**
     * Whether no slip of one equation could carry a figure further than the limit unseen.
     *
     * @param float $square  s²
     * @param float $shown   (limit / δ₀)²
     * @param float $little  what is left out where nothing bounds it
     * @param float $longest (limit / the longest slip that shows)²
     */
    private static function isSeen(float $square, float $most, float $carries, float $spread, float $shown, float $little, float $longest, float $limit): bool
    {
        $share = $carries * $carries / $square;
        if (($share < $little && $share <= $longest) || abs($carries) / $square * $most <= $limit) {
            return true;
        }
        $redundancy = 1 - $spread / $square;

        return $redundancy > Hidden::UNTESTABLE ? $share <= $shown * $redundancy : $most === INF && $share < $little;
    }

    /**
     * What each equation that counts shares with something.
     *
     * @param array<int, float> $own that thing's row times the covariance
     *
     * @return array<int, float> equation → aᵀCb
     */
    private function seenBy(array $own): array
    {
        $with = [];
        $rows = $this->rows;
        foreach ($this->read as $i => $_) {
            $sum = 0.0;
            foreach ($rows[$i] as $place => $derivative) {
                $sum += $derivative * $own[$place];
            }
            $with[$i] = $sum;
        }

        return $with;
    }

    /**
     * No longer reads what shares this with the unknowns.
     *
     * @param array<int, float> $own
     * @param array<int, float> $with equation → what it shares with that
     */
    private function leave(array $own, array $with, float $scale): void
    {
        $gained = [];
        foreach ($this->aims as $k => $aim) {
            $gained[$k] = self::times($aim->figure->gradient, $own) / $scale;
            $this->variance[$k] += $gained[$k] ** 2 * $scale;
        }
        foreach ($with as $i => $by) {
            if ($by !== 0.0) {
                $this->spread[$i] += $by * $by / $scale;
                foreach ($gained as $k => $per) {
                    $this->shared[$k][$i] += $by * $per;
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
        $touched = array_filter($own, static fn(float $value): bool => $value !== 0.0);
        foreach ($touched as $i => $of) {
            $by = $factor * $of;
            $line = $this->covariance[$i];
            foreach ($touched as $j => $value) {
                $line[$j] += $by * $value;
            }
            $this->covariance[$i] = $line;
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
