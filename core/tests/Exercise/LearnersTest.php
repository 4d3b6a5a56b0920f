<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Exercise;

use Lumbro\Core\Exercise\Learner;
use Lumbro\Core\Tests\Support\DrawnCars;
use Lumbro\Core\Tests\Support\Draws;
use PHPUnit\Framework\TestCase;

/** Three learners at the same drawn cars: who follows the advice is never behind, and the rubric tells them apart. */
final class LearnersTest extends TestCase
{
    public function testWhoFollowsTheAdviceIsNotBehindAndTheThreeAreToldApart(): void
    {
        $sums = array_fill_keys(array_column(Learner::cases(), 'value'), 0);
        $faulty = $ahead = 0;
        $behind = [];
        $cars = Draws::of(500, 14);
        for ($seed = 0; $seed < $cars; $seed++) {
            $played = DrawnCars::play($seed);
            $totals = array_map(static fn(array $score): int => $score[0] + $score[1], $played['scores']);
            foreach ($totals as $learner => $total) {
                $sums[$learner] += $total;
            }
            if ($played['faults'] !== []) {
                $faulty++;
                $isAhead = $totals[Learner::Follows->value] >= max($totals ?: [0]);
                $ahead += $isAhead ? 1 : 0;
                $behind = $isAhead ? $behind : [...$behind, $played['car'] . ' ' . implode(',', $played['faults']) . ' ' . json_encode($played['scores'])];
            }
        }
        $said = sprintf("%d of %d ahead, means %s\n%s", $ahead, $faulty, json_encode(array_map(static fn(int $sum): float => round($sum / $cars, 1), $sums)), implode("\n", $behind));
        self::assertGreaterThan($cars / 2, $faulty);
        self::assertGreaterThanOrEqual(min($faulty - 1, 0.95 * $faulty), $ahead, $said);
        self::assertGreaterThan($sums[Learner::Ignores->value], $sums[Learner::Follows->value], $said);
        self::assertGreaterThan($sums[Learner::Once->value], $sums[Learner::Ignores->value], $said);
    }

    public function testTheSameSeedIsTheSameCarAndTheSameScore(): void
    {
        self::assertSame(DrawnCars::play(13), DrawnCars::play(13));
    }
}
