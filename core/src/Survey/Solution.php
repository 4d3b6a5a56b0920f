<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Survey\Observation\Observation;

/** The adjusted set-up: where everything is, how sure that is, and whether the readings agree. */
final readonly class Solution
{
    /** @var list<Residual> priors first, then observations, each in input order */
    public array $residuals;

    private Judgement $judgement;

    /** Weighted sum of the squared residuals. */
    public float $chiSquare;

    /** Sum of all redundancies; the degrees of freedom but for rounding. */
    public float $redundancy;

    /** Observations and priors less unknowns. */
    public int $degreesOfFreedom;

    /**
     * @param EquationSystem    $system     of the observations, evaluated at the solution
     * @param array<int, float> $covariance of all unknowns, flat, mm and rad; not rescaled by the fit
     */
    public function __construct(
        public Network $network,
        public Geometry $geometry,
        private EquationSystem $system,
        private array $covariance,
        public int $iterations,
    ) {
        $layout = $geometry->layout;
        $size = $layout->size();
        $residuals = [];
        foreach ($layout->priors as $i => $place) {
            $s = $layout->priorS[$i];
            $redundancy = 1 - $covariance[$place * ($size + 1)] / ($s * $s);
            $residuals[] = new Residual($layout->names[$place], true, $layout->angular[$place], $layout->start[$place], $geometry->state[$place], $s, $redundancy);
        }
        foreach ($network->observations as $k => $observation) {
            $s = $observation->s();
            $residuals[] = new Residual(
                $observation->id(),
                false,
                $observation->isAngle(),
                (float) $observation->value(),
                $system->values[$k],
                $s,
                1 - $this->spread($system->places[$k], $system->rows[$k]) / ($s * $s),
            );
        }
        $chiSquare = 0.0;
        $redundancy = 0.0;
        foreach ($residuals as $residual) {
            $share = $residual->residual / $residual->s;
            $chiSquare += $share * $share;
            $redundancy += $residual->redundancy;
        }
        $this->judgement = $network->judgement ?? Judgement::first();
        $this->residuals = $residuals;
        $this->chiSquare = $chiSquare;
        $this->redundancy = $redundancy;
        $this->degreesOfFreedom = count($residuals) - $size;
    }

    /** What the sum of squares may reach; null where nothing checks the set-up. */
    public function chiSquareLimit(): ?float
    {
        return $this->degreesOfFreedom > 0 ? $this->judgement->limit($this->degreesOfFreedom) : null;
    }

    /** Whether the readings agree within their uncertainties; null where nothing checks them. */
    public function isConsistent(): ?bool
    {
        $limit = $this->chiSquareLimit();

        return $limit === null ? null : $this->chiSquare <= $limit && ! ($this->judgement->oneIsEnough && $this->suspects() !== []);
    }

    /**
     * The ids that one mistake could sit in: all whose |w| comes within 2 % of the largest, observations first.
     *
     * @return list<string>
     */
    public function suspects(): array
    {
        $largest = 0.0;
        foreach ($this->residuals as $residual) {
            $largest = max($largest, abs($residual->w ?? 0.0));
        }
        if ($largest <= $this->judgement->suspicious) {
            return [];
        }
        $found = ['observation' => [], 'prior' => []];
        foreach ($this->residuals as $residual) {
            if (abs($residual->w ?? 0.0) >= 0.98 * $largest) {
                $found[$residual->prior ? 'prior' : 'observation'][] = $residual->id;
            }
        }

        return [...$found['observation'], ...$found['prior']];
    }

    /**
     * Variance of a figure with this gradient.
     *
     * @param array<int, float> $gradient unknown's place → derivative
     */
    public function variance(array $gradient): float
    {
        return $this->spread(array_keys($gradient), array_values($gradient));
    }

    /**
     * The same for a gradient in two lists.
     *
     * @param list<int>   $places
     * @param list<float> $derivatives
     */
    private function spread(array $places, array $derivatives): float
    {
        $size = $this->geometry->layout->size();
        $covariance = $this->covariance;
        $sum = 0.0;
        foreach ($derivatives as $i => $a) {
            $base = $places[$i] * $size;
            $part = $a / 2 * $covariance[$base + $places[$i]];
            for ($j = 0; $j < $i; $j++) {
                $part += $derivatives[$j] * $covariance[$base + $places[$j]];
            }
            $sum += $a * $part;
        }

        return 2 * $sum;
    }

    /**
     * Covariance of two figures with these gradients.
     *
     * @param array<int, float> $a unknown's place → derivative
     * @param array<int, float> $b
     */
    public function covariance(array $a, array $b): float
    {
        $carried = $this->carried($b);
        $sum = 0.0;
        foreach ($a as $place => $derivative) {
            $sum += $derivative * $carried[$place];
        }

        return $sum;
    }

    /**
     * Every observation, then every prior, as an equation of the survey.
     *
     * @return list<Checked>
     */
    public function checked(): array
    {
        $layout = $this->geometry->layout;
        $priors = count($layout->priors);
        $checked = [];
        foreach ($this->network->observations as $k => $observation) {
            $checked[] = new Checked($observation->id(), $this->system->places[$k], $this->system->rows[$k], $observation->s(), $this->residuals[$priors + $k]->redundancy, $this->network->bounds[$observation->id()] ?? null);
        }
        foreach ($layout->priors as $i => $place) {
            $name = $layout->names[$place];
            $checked[] = new Checked($name, [$place], [1.0], $layout->priorS[$i], $this->residuals[$i]->redundancy, $this->network->bounds[$name] ?? null);
        }

        return $checked;
    }

    /** @return list<array<int, float>> the covariance matrix of all unknowns, line by line */
    public function covarianceRows(): array
    {
        return array_chunk($this->covariance, max(1, $this->geometry->layout->size()));
    }

    /**
     * The covariance matrix times a gradient.
     *
     * @param array<int, float> $gradient
     *
     * @return array<int, float> for every unknown
     */
    public function carried(array $gradient): array
    {
        $size = $this->geometry->layout->size();
        $carried = array_fill(0, $size, 0.0);
        foreach ($gradient as $place => $derivative) {
            $base = $place * $size;
            for ($i = 0; $i < $size; $i++) {
                $carried[$i] += $derivative * $this->covariance[$base + $i];
            }
        }

        return $carried;
    }

    /**
     * Standard uncertainties of a point's coordinates, mm.
     *
     * @return array{float, float} of x and of y
     */
    public function uncertaintyOf(string $point): array
    {
        $layout = $this->geometry->layout;
        $place = $layout->free[$point] ?? null;
        if (isset($layout->exact[$point])) {
            return [0.0, 0.0];
        }
        if ($place === null) {
            [$x, $y] = $this->geometry->point($point);

            return [$this->uncertainty($x), $this->uncertainty($y)];
        }
        $next = $layout->size() + 1;

        return [sqrt(max(0.0, $this->covariance[$place * $next])), sqrt(max(0.0, $this->covariance[($place + 1) * $next]))];
    }

    /** Standard uncertainty of a figure derived from the set-up, in the figure's unit. */
    public function uncertainty(Dual $figure): float
    {
        return sqrt(max(0.0, $this->variance($figure->gradient)));
    }

    /**
     * How much of a figure's variance each prior and observation brings: cᵢ = gᵀ C Aᵢᵀ / sᵢ, share cᵢ²/Σ.
     *
     * @return list<array{id: string, share: float}> largest first; empty when the figure has no uncertainty
     */
    public function contributions(Dual $figure): array
    {
        // C·g, once for all.
        $carried = $this->carried($figure->gradient);
        $squares = [];
        $layout = $this->geometry->layout;
        foreach ($layout->priors as $i => $place) {
            $squares[] = [$layout->names[$place], ($carried[$place] / $layout->priorS[$i]) ** 2];
        }
        foreach ($this->network->observations as $k => $observation) {
            $c = 0.0;
            foreach ($this->system->rows[$k] as $i => $derivative) {
                $c += $carried[$this->system->places[$k][$i]] * $derivative;
            }
            $squares[] = [$observation->id(), ($c / $observation->s()) ** 2];
        }
        $sum = array_sum(array_column($squares, 1));
        if ($sum <= 0) {
            return [];
        }
        usort($squares, static fn(array $a, array $b): int => $b[1] <=> $a[1]);
        $shares = [];
        foreach ($squares as [$id, $square]) {
            $shares[] = ['id' => $id, 'share' => $square / $sum];
        }

        return $shares;
    }

    /**
     * The figure's standard uncertainty if this observation were made too: u'² = u² − (gᵀCa)²/(s² + aᵀCa).
     */
    public function uncertaintyWith(Dual $figure, Observation $candidate): float
    {
        $row = Equation::of($candidate, $this->geometry)->row;
        $gain = $this->covariance($figure->gradient, $row) ** 2 / ($candidate->s() ** 2 + $this->variance($row));

        return sqrt(max(0.0, $this->variance($figure->gradient) - $gain));
    }
}
