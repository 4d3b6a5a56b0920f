<?php

declare(strict_types=1);

namespace Lumbro\Core\Screws;

/**
 * How much each screw really moved the sensor, as a share of what its thread says, learned from all rounds by ridge
 * least squares around 1 ± 0.15 (maths, section 7).
 */
final readonly class Gains
{
    private const PRIOR_S = 0.15;
    private const LEAST = 0.6;
    private const MOST = 1.4;

    /** @param array{float, float} $values of the pair's screws, in its order */
    private function __construct(public array $values) {}

    /** Before anything was seen. */
    public static function unknown(): self
    {
        return new self([1.0, 1.0]);
    }

    /**
     * @param list<Round> $rounds
     * @param float       $s standard uncertainty of one reading, degrees, > 0; a change carries it twice
     * @param float       $backlash turns that a screw may lose, either way, ≥ 0
     */
    public static function learned(ScrewPair $screws, array $rounds, float $s, float $backlash = 0.0): self
    {
        [$first, $second] = $screws->perTurn();
        // Normal equations of the two gains' departures from 1.
        $n11 = $n22 = 1 / self::PRIOR_S ** 2;
        $n12 = $r1 = $r2 = 0.0;
        foreach ($rounds as $round) {
            $expected = $screws->change($round->turns, [1.0, 1.0]);
            foreach (['azimuth', 'elevation'] as $axis) {
                $a = $round->turns[0] * $first->$axis;
                $b = $round->turns[1] * $second->$axis;
                $lost = ($round->turns[0] === 0.0 ? 0.0 : ($backlash * $first->$axis) ** 2) + ($round->turns[1] === 0.0 ? 0.0 : ($backlash * $second->$axis) ** 2);
                $weight = 1 / (2 * $s ** 2 + $lost / 3);
                $missed = $round->after->$axis - $round->before->$axis - $expected->$axis;
                $n11 += $weight * $a * $a;
                $n12 += $weight * $a * $b;
                $n22 += $weight * $b * $b;
                $r1 += $weight * $a * $missed;
                $r2 += $weight * $b * $missed;
            }
        }
        $determinant = $n11 * $n22 - $n12 * $n12;

        return new self([
            1 + ($n22 * $r1 - $n12 * $r2) / $determinant,
            1 + ($n11 * $r2 - $n12 * $r1) / $determinant,
        ]);
    }

    /**
     * Which of the two screws answers so far from its thread that a bent bracket, a wrong screw or a lost thread is
     * likely.
     *
     * @return list<int> 0, 1
     */
    public function suspects(): array
    {
        return array_keys(array_filter($this->values, static fn(float $gain): bool => $gain < self::LEAST || $gain > self::MOST));
    }

    /**
     * What the next turns may count with: the gains learned, or none while one of them is suspect.
     *
     * @return array{float, float}
     */
    public function applied(): array
    {
        return $this->suspects() === [] ? $this->values : [1.0, 1.0];
    }
}
