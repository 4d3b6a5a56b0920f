<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Screws;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Failure\ScrewsInLine;
use Lumbro\Core\Screws\AxisPair;
use Lumbro\Core\Screws\Correction;
use Lumbro\Core\Screws\Gains;
use Lumbro\Core\Screws\Round;
use Lumbro\Core\Screws\Screw;
use Lumbro\Core\Screws\ScrewPair;
use Lumbro\Core\Screws\TurnSense;
use Lumbro\Core\Tests\Support\Chance;
use PHPUnit\Framework\TestCase;

final class CorrectionTest extends TestCase
{
    use TestTrait;

    public function testTheTurnsAppliedToTheLinearModelLeaveTheStatedResidual(): void
    {
        $this->limitTo(200)->forAll(Generators::choose(0, 1 << 30))->then(static function (int $seed): void {
            $chance = new Chance($seed);
            $screws = self::screws($chance);
            $off = new AxisPair($chance->between(-1.5, 1.5), $chance->between(-1.5, 1.5));
            $gain = [$chance->between(0.8, 1.2), $chance->between(0.8, 1.2)];
            $made = new Round([1.5, -1.0], $off, $off->plus(self::modelled($screws, [1.5, -1.0], $gain)));
            $gains = Gains::learned($screws, array_fill(0, 50, $made), 0.01);
            $correction = Correction::of($screws, $made->after, new AxisPair(0.35, 0.45), $gains, 0.25);
            $left = $made->after->plus(self::modelled($screws, $correction->turns, $gains->applied()));
            self::assertEqualsWithDelta($left->azimuth, $correction->residual->azimuth, 1e-9);
            self::assertEqualsWithDelta($left->elevation, $correction->residual->elevation, 1e-9);
            $exact = $made->after->plus(self::modelled($screws, $correction->exact, $gains->applied()));
            self::assertEqualsWithDelta(0.0, hypot($exact->azimuth, $exact->elevation), 1e-9);
            foreach ($correction->turns as $i => $turns) {
                self::assertEqualsWithDelta(round($turns * 4), $turns * 4, 1e-9);
                self::assertLessThan(0.25 + 1e-9, abs($turns - $correction->exact[$i]));
            }
        });
    }

    public function testNoOtherRoundingLeavesLess(): void
    {
        $this->limitTo(100)->forAll(Generators::choose(0, 1 << 30))->then(static function (int $seed): void {
            $chance = new Chance($seed);
            $screws = self::screws($chance);
            $off = new AxisPair($chance->between(-1, 1), $chance->between(-1, 1));
            $correction = Correction::of($screws, $off, new AxisPair(0.35, 0.45), Gains::unknown(), 0.25);
            $weight = static fn(AxisPair $left): float => ($left->azimuth / 0.35) ** 2 + ($left->elevation / 0.45) ** 2;
            foreach ([floor(...), ceil(...)] as $first) {
                foreach ([floor(...), ceil(...)] as $second) {
                    $turns = [$first($correction->exact[0] * 4) / 4, $second($correction->exact[1] * 4) / 4];
                    self::assertLessThanOrEqual($weight($off->plus(self::modelled($screws, $turns, [1, 1]))) + 1e-9, $weight($correction->residual));
                }
            }
        });
    }

    public function testGainsAreLearnedAndAStrangeOneIsNotUsed(): void
    {
        $chance = new Chance(688);
        $screws = self::screws($chance);
        $rounds = [self::made($screws, [2.0, 1.0], [0.85, 1.1]), self::made($screws, [-1.0, 2.0], [0.85, 1.1])];
        $gains = Gains::learned($screws, $rounds, 0.005);
        self::assertEqualsWithDelta(0.85, $gains->values[0], 0.01);
        self::assertEqualsWithDelta(1.1, $gains->values[1], 0.01);
        self::assertSame($gains->values, $gains->applied());
        self::assertSame([], $gains->suspects());

        $bent = Gains::learned($screws, [self::made($screws, [2.0, 1.0], [0.2, 1.0]), self::made($screws, [-1.0, 2.0], [0.2, 1.0])], 0.005);
        self::assertSame([0], $bent->suspects());
        self::assertSame([1.0, 1.0], $bent->applied());
    }

    public function testNothingSeenLeavesTheThreadsWord(): void
    {
        $screws = self::screws(new Chance(4));
        self::assertSame([1.0, 1.0], Gains::learned($screws, [], 0.05)->values);
        // A round in which nothing was turned says nothing either.
        self::assertSame([1.0, 1.0], Gains::learned($screws, [new Round([0.0, 0.0], new AxisPair(0.1, 0.1), new AxisPair(0.2, 0.0))], 0.05)->values);
    }

    public function testScrewsInLineWithThePivotAreRefused(): void
    {
        $this->expectException(ScrewsInLine::class);
        new ScrewPair(new Screw('a', 20, 10, 0.7, TurnSense::Out), new Screw('b', -40, -20, 0.7, TurnSense::In));
    }

    public function testAScrewOnThePivotTurnsNothing(): void
    {
        $this->expectException(ScrewsInLine::class);
        new ScrewPair(new Screw('a', 5e-324, 0, 0.7, TurnSense::In), new Screw('b', 12, 24, 0.7, TurnSense::Out));
    }

    public function testTravelCountsFromWhereTheScrewStands(): void
    {
        $screw = new Screw('a', 20, 10, 0.7, TurnSense::Out, 3.0, 2.0);
        self::assertFalse($screw->wouldPassTravel(1.0));
        self::assertTrue($screw->wouldPassTravel(1.25));
        self::assertFalse($screw->wouldPassTravel(-5.0));
        self::assertTrue($screw->wouldPassTravel(-5.25));
    }

    /**
     * @param array{float, float} $turns
     * @param array{float, float} $gains
     */
    private static function made(ScrewPair $screws, array $turns, array $gains): Round
    {
        $before = new AxisPair(0.4, -0.3);

        return new Round($turns, $before, $before->plus(self::modelled($screws, $turns, $gains)));
    }

    private static function screws(Chance $chance): ScrewPair
    {
        $sense = static fn(): TurnSense => $chance->between(0, 1) < 0.5 ? TurnSense::Out : TurnSense::In;

        return new ScrewPair(
            new Screw('a', $chance->between(20, 40), $chance->between(-5, 5), $chance->between(0.5, 1.2), $sense()),
            new Screw('b', $chance->between(-5, 15), $chance->between(-40, -20), $chance->between(0.5, 1.2), $sense()),
        );
    }

    /**
     * What turns do, from the corners' ways out: dᵢ = −ψ yᵢ − ε zᵢ, solved for ψ and ε by Cramer's rule.
     *
     * @param array{float, float} $turns
     * @param array{float, float} $gains
     */
    private static function modelled(ScrewPair $screws, array $turns, array $gains): AxisPair
    {
        [$a, $b] = $screws->both();
        $da = $turns[0] * $gains[0] * $a->pitch * ($a->clockwise === TurnSense::Out ? 1 : -1);
        $db = $turns[1] * $gains[1] * $b->pitch * ($b->clockwise === TurnSense::Out ? 1 : -1);
        $determinant = $a->y * $b->z - $b->y * $a->z;

        return new AxisPair(rad2deg((-$da * $b->z + $db * $a->z) / $determinant), rad2deg((-$db * $a->y + $da * $b->y) / $determinant));
    }
}
