<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

use Lumbro\Core\Numeric\ChiSquare;
use Lumbro\Core\Numeric\Dual;

/** The adjusted set-up: where everything is, how sure that is, and whether the readings agree. */
final readonly class Solution
{
    /** |w| above this is a suspect: two-sided 0.1 %. */
    private const SUSPICIOUS = 3.29;

    /** @var list<Residual> priors first, then observations, each in input order */
    public array $residuals;

    /** Weighted sum of the squared residuals. */
    public float $chiSquare;

    /** Observations and priors less unknowns. */
    public int $degreesOfFreedom;

    /**
     * @param list<Equation>    $equations  of the observations, in their order, at the solution
     * @param array<int, float> $covariance of all unknowns, flat, mm and rad; not rescaled by the fit
     */
    public function __construct(
        public Network $network,
        public Geometry $geometry,
        private array $equations,
        private array $covariance,
        public int $iterations,
    ) {
        $layout = $geometry->layout;
        $residuals = [];
        foreach ($layout->priors as $prior) {
            $place = $prior['place'];
            $residuals[] = new Residual(
                $prior['id'],
                true,
                $layout->angular[$place],
                $prior['observed'],
                $geometry->state[$place],
                $prior['s'],
                1 - $this->variance([$place => 1.0]) / $prior['s'] ** 2,
            );
        }
        foreach ($network->observations as $k => $observation) {
            $residuals[] = new Residual(
                $observation->id(),
                false,
                $observation->isAngle(),
                (float) $observation->value(),
                $equations[$k]->value,
                $observation->s(),
                1 - $this->variance($equations[$k]->row) / $observation->s() ** 2,
            );
        }
        $this->residuals = $residuals;
        $this->chiSquare = array_sum(array_map(static fn(Residual $r): float => ($r->residual() / $r->s) ** 2, $residuals));
        $this->degreesOfFreedom = count($residuals) - $layout->size();
    }

    /** The 95 % point of the sum of squares; null where nothing checks the set-up. */
    public function chiSquareLimit(): ?float
    {
        return $this->degreesOfFreedom > 0 ? ChiSquare::point95($this->degreesOfFreedom) : null;
    }

    /** Whether the readings agree within their uncertainties; null where nothing checks them. */
    public function isConsistent(): ?bool
    {
        $limit = $this->chiSquareLimit();

        return $limit === null ? null : $this->chiSquare <= $limit;
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
        if ($largest <= self::SUSPICIOUS) {
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
        return $this->covariance($gradient, $gradient);
    }

    /**
     * @param array<int, float> $a
     * @param array<int, float> $b
     */
    public function covariance(array $a, array $b): float
    {
        $size = $this->geometry->layout->size();
        $sum = 0.0;
        foreach ($a as $i => $ai) {
            $base = $i * $size;
            foreach ($b as $j => $bj) {
                $sum += $ai * $bj * $this->covariance[$base + $j];
            }
        }

        return $sum;
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
        $squares = [];
        foreach ($this->geometry->layout->priors as $prior) {
            $squares[] = [$prior['id'], ($this->covariance($figure->gradient, [$prior['place'] => 1.0]) / $prior['s']) ** 2];
        }
        foreach ($this->network->observations as $k => $observation) {
            $c = $this->covariance($figure->gradient, $this->equations[$k]->row) / $observation->s();
            $squares[] = [$observation->id(), $c ** 2];
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
    public function uncertaintyWith(Dual $figure, Observation\Observation $candidate): float
    {
        $row = Equation::of($candidate, $this->geometry)->row;
        $gain = $this->covariance($figure->gradient, $row) ** 2 / ($candidate->s() ** 2 + $this->variance($row));

        return sqrt(max(0.0, $this->variance($figure->gradient) - $gain));
    }
}
