<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Decision\Thresholds;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Method\Guess;
use Lumbro\Core\Method\Names;
use Lumbro\Core\Method\School;
use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Placement\Direction;
use Lumbro\Core\Placement\ReferenceFrame;
use Lumbro\Core\Survey\LeastSquares;
use Lumbro\Core\Survey\Solution;

/**
 * Two schools against each other: where the one puts the target and where the other does, in one survey with two
 * stands, so that what both rest on does not count as a difference.
 */
final readonly class CrossCheck
{
    /** So many explanations are told. */
    private const TOLD = 4;

    /**
     * @param Dual $along   where the first puts the target less where the second does, along the reference, mm
     * @param Dual $across  the same across it, left positive, mm
     * @param Dual $bearing the same as seen from the sensor, rad
     * @param list<array{id: string, times: float, amount: float, angular: bool}> $explanations each by itself: how many times its uncertainty it would
     *                                                                           have to be off, and by how much (mm or rad); the likeliest first
     */
    private function __construct(
        public School $first,
        public School $second,
        public Dual $along,
        public Dual $across,
        public Dual $bearing,
        public array $explanations,
        private Solution $solution,
    ) {}

    /** Standard uncertainty of one of the differences, in its unit. */
    public function uncertainty(Dual $difference): float
    {
        return $this->solution->uncertainty($difference);
    }

    /** Whether the difference is more than the two schools' uncertainties let expect (two-sided 5 %). */
    public function disagrees(): bool
    {
        foreach ([$this->along, $this->across, $this->bearing] as $difference) {
            if (abs($difference->value) > 1.96 * $this->uncertainty($difference)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Every pair of schools that were read whole.
     *
     * @param array<string, ReadingTaken> $readings call → reading
     *
     * @return list<self>
     */
    public static function of(MeasuringPlan $plan, array $readings): array
    {
        $whole = array_values(array_filter($plan->usable(), static fn(School $school): bool => self::isWhole($school, $plan, $readings)));
        $found = [];
        foreach ($whole as $i => $first) {
            foreach (array_slice($whole, $i + 1) as $second) {
                try {
                    $found[] = self::between($first, $second, $plan, $readings);
                } catch (CoreFailure) {
                    // What cannot be solved says so where the placement is told.
                }
            }
        }

        return $found;
    }

    /** @param array<string, ReadingTaken> $readings */
    private static function isWhole(School $school, MeasuringPlan $plan, array $readings): bool
    {
        foreach ($school->calls($plan->ground) as $call) {
            if (! $call->isCheck() && ! isset($readings[$call->id])) {
                return false;
            }
        }

        return true;
    }

    /** @param array<string, ReadingTaken> $readings */
    private static function between(School $first, School $second, MeasuringPlan $plan, array $readings): self
    {
        $rise = $plan->rise($readings['height'] ?? null);
        $observations = [];
        foreach ([[$first, Names::stand()], [$second, Names::second()]] as [$school, $names]) {
            foreach ($school->calls($plan->ground) as $call) {
                $reading = $readings[$call->id] ?? null;
                if ($reading !== null && ! $call->isCheck()) {
                    $observations[] = $plan->readWith($call, $reading)->observation($reading->value, $rise, $names, $reading->s);
                }
            }
        }
        $solution = LeastSquares::solve($plan->ground->network($observations, Guess::Nothing, Names::second()));
        $at = $solution->geometry;
        [$ax, $ay] = $at->point('target');
        [$bx, $by] = $at->point('target2');
        $miss = [$ax->minus($bx), $ay->minus($by)];
        $task = $plan->ground->task($solution->network, [], new Thresholds(), Names::stand());
        $frame = ReferenceFrame::of($task->reference, $at);
        $sensor = $at->point('sensor');
        $bearing = Direction::between($sensor, [$ax, $ay], '/sensor', 'sensor-target')
            ->minus(Direction::between($sensor, [$bx, $by], '/sensor', 'sensor-target'))->wrapped();
        $along = $frame->along($miss);
        $across = $frame->across($miss);
        $strange = static fn(Dual $difference): float => abs($difference->value) / max(1e-9, $solution->uncertainty($difference));

        return new self($first, $second, $along, $across, $bearing, self::explain($strange($along) > $strange($across) ? $along : $across, $solution), $solution);
    }

    /** @return list<array{id: string, times: float, amount: float, angular: bool}> */
    private static function explain(Dual $difference, Solution $solution): array
    {
        $s = [];
        $angular = [];
        foreach ($solution->residuals as $residual) {
            $s[$residual->id] = $residual->s;
            $angular[$residual->id] = $residual->angular;
        }
        $whole = $solution->uncertainty($difference);
        $told = [];
        foreach (array_slice($solution->contributions($difference), 0, self::TOLD) as ['id' => $id, 'share' => $share]) {
            if ($share > 0.01) {
                $times = abs($difference->value) / (sqrt($share) * $whole);
                $told[] = ['id' => $id, 'times' => $times, 'amount' => $times * $s[$id], 'angular' => $angular[$id]];
            }
        }

        return $told;
    }
}
