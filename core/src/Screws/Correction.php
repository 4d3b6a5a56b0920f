<?php

declare(strict_types=1);

namespace Lumbro\Core\Screws;

/** The turns that take a misalignment out, rounded to what a hand can set, and what will be left (maths, section 7). */
final readonly class Correction
{
    /** Residuals nearer than this are equally good; the smaller turning wins. */
    private const TIE = 1e-9;

    /**
     * @param array{float, float} $exact clockwise turns
     * @param array{float, float} $turns the same in whole steps
     * @param AxisPair            $residual misalignment expected after them, degrees
     */
    private function __construct(public array $exact, public array $turns, public AxisPair $residual) {}

    /**
     * @param AxisPair $misalignment degrees; the change wanted is its opposite
     * @param AxisPair $limits half-widths that weigh the axes against each other, degrees, > 0
     * @param float    $step  of a turn, > 0
     */
    public static function of(ScrewPair $screws, AxisPair $misalignment, AxisPair $limits, Gains $gains, float $step = 0.25): self
    {
        $applied = $gains->applied();
        $exact = $screws->turnsFor(new AxisPair(-$misalignment->azimuth, -$misalignment->elevation), $applied);
        $best = ['weight' => INF, 'turning' => INF, 'turns' => $exact, 'residual' => $misalignment];
        foreach (self::around($exact[0], $step) as $first) {
            foreach (self::around($exact[1], $step) as $second) {
                $residual = $misalignment->plus($screws->change([$first, $second], $applied));
                $weight = ($residual->azimuth / $limits->azimuth) ** 2 + ($residual->elevation / $limits->elevation) ** 2;
                $turning = abs($first) + abs($second);
                $better = $weight < $best['weight'] - self::TIE
                    || ($weight <= $best['weight'] + self::TIE && $turning < $best['turning']);
                if ($better) {
                    $best = ['weight' => $weight, 'turning' => $turning, 'turns' => [$first, $second], 'residual' => $residual];
                }
            }
        }

        return new self($exact, $best['turns'], $best['residual']);
    }

    /**
     * The whole steps on either side of a number of turns.
     *
     * @return list<float> one, where it is a whole step itself
     */
    private static function around(float $turns, float $step): array
    {
        // Adding zero keeps a −0 from being shown.
        return array_values(array_unique([floor($turns / $step) * $step + 0.0, ceil($turns / $step) * $step + 0.0]));
    }
}
