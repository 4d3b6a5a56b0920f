<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Survey;

use Lumbro\Core\Survey\LeastSquares;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\SurveyPoint;
use Lumbro\Core\Tests\Support\Scene;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Seeded simulation: errors drawn from the stated uncertainties, over many set-ups. */
final class CoverageTest extends TestCase
{
    private const DRAWS = 1500;

    public function testIntervalsCoverTheTruthAndTheConsistencyTestFailsAsOftenAsItSays(): void
    {
        $random = new Randomizer(new Mt19937(2471));
        $uniform = static fn(): float => $random->getInt(1, 1 << 30) / (1 << 30);
        $normal = static fn(): float => sqrt(-2 * log($uniform())) * cos(2 * M_PI * $uniform());
        $covered = 0;
        $failed = 0;
        for ($draw = 0; $draw < self::DRAWS; $draw++) {
            $scene = new Scene(5500 + 400 * $uniform(), -40 + 80 * $uniform(), M_PI + 0.04 * $normal());
            $scale = 0.0003 * $normal();
            $zero = 0.4 * $normal();
            $network = $scene->network();
            $errors = [];
            foreach ($network->observations as $observation) {
                $errors[$observation->id()] = $observation->s() * $normal()
                    + ($observation->instrument() === null ? 0.0 : $scale * (float) $observation->value() + $zero);
            }
            $truth = LeastSquares::solve($network)->geometry;
            $solution = LeastSquares::solve($this->misplaced($scene->network($errors), $normal));
            [, $y] = $solution->geometry->point('target');
            $covered += abs($y->value - $truth->y['target']) <= 1.959964 * $solution->uncertainty($y) ? 1 : 0;
            $failed += $solution->isConsistent() === false ? 1 : 0;
        }
        // Four standard deviations of a count of 1500 at 95 % are 2.3 %.
        self::assertEqualsWithDelta(0.95, $covered / self::DRAWS, 0.023);
        self::assertEqualsWithDelta(0.05, $failed / self::DRAWS, 0.023);
    }

    /**
     * The sheet's places, each off the truth by an error of its own.
     *
     * @param \Closure(): float $normal
     */
    private function misplaced(Network $network, \Closure $normal): Network
    {
        $points = array_map(static fn(SurveyPoint $p): SurveyPoint => new SurveyPoint(
            $p->name,
            $p->x + ($p->sx ?? 0) * $normal(),
            $p->y + ($p->sy ?? 0) * $normal(),
            $p->sx,
            $p->sy,
        ), $network->points);

        return new Network($points, $network->bodies, $network->headings, $network->instruments, $network->observations);
    }
}
