<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Decision;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Decision\Decision;
use Lumbro\Core\Decision\Thresholds;
use Lumbro\Core\Decision\Verdict;
use PHPUnit\Framework\TestCase;

final class DecisionTest extends TestCase
{
    use TestTrait;

    public function testWithoutUncertaintyTheDeviationDecides(): void
    {
        self::assertSame(Verdict::Holds, Decision::about(5, 0, 5)->verdict);
        self::assertSame(Verdict::Out, Decision::about(-5.001, 0, 5)->verdict);
    }

    public function testAUselessMeasurementIsNeverOut(): void
    {
        $this->limitTo(100)->forAll(Generators::choose(-40, 40))->then(static function (int $deviation): void {
            self::assertSame(Verdict::Unproven, Decision::about($deviation, 1000, 5)->verdict);
        });
    }

    public function testTheSideDoesNotMatter(): void
    {
        $this->limitTo(100)->forAll(Generators::choose(0, 200), Generators::choose(1, 50))->then(static function (int $d, int $u): void {
            $left = Decision::about($d / 10, $u / 10, 5);
            $right = Decision::about(-$d / 10, $u / 10, 5);
            self::assertSame($left->verdict, $right->verdict);
            self::assertEqualsWithDelta($left->probability, $right->probability, 1e-14);
            self::assertGreaterThanOrEqual(0.0, $left->probability);
            self::assertLessThanOrEqual(1.0, $left->probability);
        });
    }

    public function testTheShopsThresholdsDecide(): void
    {
        // 0.933 inside: holds for a shop content with 0.9.
        self::assertSame(Verdict::Unproven, Decision::about(3.5, 1, 5)->verdict);
        self::assertSame(Verdict::Holds, Decision::about(3.5, 1, 5, new Thresholds(0.1, 0.9))->verdict);
        self::assertSame(Verdict::Unproven, Decision::about(6.4, 1, 5)->verdict);
        self::assertSame(Verdict::Out, Decision::about(6.4, 1, 5, new Thresholds(0.1, 0.9))->verdict);
    }
}
