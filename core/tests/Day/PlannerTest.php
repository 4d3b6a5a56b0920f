<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Day;

use Lumbro\Core\Day\Planner;
use Lumbro\Core\Tests\Support\DayChecker;
use Lumbro\Core\Tests\Support\DrawnDay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Plans of drawn days break nothing, are no better than can be, and are the same for the same seed. */
final class PlannerTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= (getenv('LUMBRO_LONG') === '1' ? 40 : 8); $seed++) {
            yield "day $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testAPlanBreaksNothing(int $seed): void
    {
        $day = DrawnDay::of($seed, 12 + ($seed * 5) % 14);
        $plan = Planner::plan($day, $seed, 400);
        self::assertSame([], DayChecker::complaints($day, $plan));
        self::assertLessThanOrEqual($plan->reckoning->late, $plan->leastLate);
        self::assertEquals($plan, Planner::plan($day, $seed, 400), 'the same again');
    }
}
