<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Survey\Observation\Observation;

/** What could be wrong in a survey and not show, as it stands and with one reading more (maths, section 2.1). */
final readonly class Reliability
{
    /** Candidates that leave figures alike but for this share of them count as equal. */
    private const EQUAL = 1e-9;

    /** @var list<Checked> */
    private array $checked;

    /** @var list<float> */
    private array $redundancy;

    /** Of a survey that has been solved. */
    public function __construct(private Solution $solution)
    {
        $this->checked = $solution->checked();
        $this->redundancy = array_map(static fn(Checked $one): float => $one->redundancy, $this->checked);
    }

    /** What one slip could do to a figure of this survey and not show. */
    public function hidden(Dual $figure): Hidden
    {
        $carried = $this->solution->carried($figure->gradient);

        return Hidden::of($this->checked, array_map(static fn(Checked $one): float => $one->times($carried), $this->checked), $this->redundancy);
    }

    /**
     * The same once a candidate is read too: C becomes C − C aᵀaC/(s² + aCaᵀ).
     *
     * @param float|null $most the largest error of the candidate that could pass unseen
     *
     * @throws \Lumbro\Core\Failure\NoDirection where it would say nothing
     */
    public function hiddenWith(Dual $figure, Observation $candidate, ?float $most): Hidden
    {
        $row = Equation::of($candidate, $this->solution->geometry)->row;
        $own = $this->solution->carried($row);
        $s = $candidate->s();
        $spread = 0.0;
        foreach ($row as $place => $derivative) {
            $spread += $derivative * $own[$place];
        }
        $sum = $s * $s + $spread;
        $carried = $this->solution->carried($figure->gradient);
        $shared = 0.0;
        foreach ($figure->gradient as $place => $derivative) {
            $shared += $derivative * $own[$place];
        }
        $new = [];
        $redundancy = [];
        foreach ($this->checked as $i => $one) {
            $with = $one->times($own);
            $new[] = $one->times($carried) - $shared * $with / $sum;
            $redundancy[] = $this->redundancy[$i] + $with * $with / ($sum * $one->s * $one->s);
        }
        // Observations stand before priors, and this is the last of them.
        $at = count($this->solution->network->observations);
        $checked = $this->checked;
        array_splice($checked, $at, 0, [new Checked($candidate->id(), array_keys($row), array_values($row), $s, $s * $s / $sum, $most)]);
        array_splice($new, $at, 0, [$shared * $s * $s / $sum]);
        array_splice($redundancy, $at, 0, [$s * $s / $sum]);

        return Hidden::of($checked, $new, $redundancy);
    }

    /**
     * The candidate that leaves the fewest unbounded ids; among equals the smallest hidden error, then the first.
     *
     * @param list<Observation>    $candidates
     * @param array<string, float> $bounds     id → the largest error of it that could pass unseen
     *
     * @return array{id: string, largest: float|null, unbounded: int}|null null without candidates
     */
    public function bestGuard(Dual $figure, array $candidates, array $bounds): ?array
    {
        $best = null;
        foreach ($candidates as $candidate) {
            $hidden = $this->hiddenWith($figure, $candidate, $bounds[$candidate->id()] ?? null);
            $found = ['id' => $candidate->id(), 'largest' => $hidden->largest, 'unbounded' => count($hidden->unbounded)];
            if ($best === null || self::isBetter($found, $best)) {
                $best = $found;
            }
        }

        return $best;
    }

    /**
     * @param array{id: string, largest: float|null, unbounded: int} $found
     * @param array{id: string, largest: float|null, unbounded: int} $best
     */
    private static function isBetter(array $found, array $best): bool
    {
        if ($found['unbounded'] !== $best['unbounded']) {
            return $found['unbounded'] < $best['unbounded'];
        }

        return $found['largest'] !== null && $best['largest'] !== null && $found['largest'] < $best['largest'] * (1 - self::EQUAL);
    }
}
