<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Screws;

use Lumbro\Core\Screws\AxisPair;
use Lumbro\Core\Screws\Correction;
use Lumbro\Core\Screws\Gains;
use Lumbro\Core\Screws\Round;
use Lumbro\Core\Screws\Screw;
use Lumbro\Core\Screws\ScrewPair;
use Lumbro\Core\Screws\TurnSense;
use Lumbro\Core\Tests\Support\Chance;
use PHPUnit\Framework\TestCase;

/** Screws that lose up to a quarter turn whenever they turn back, as sound ones do. */
final class BacklashTest extends TestCase
{
    private const CARS = 400;

    private const ROUNDS = 4;

    /** Standard uncertainty of what a round rests on, degrees: the least that is counted. */
    private const S = 0.01;

    private const MOST_LOST = 0.25;

    /** What a correction counts with, turns. */
    private const COUNTED = 0.2;

    public function testSoundScrewsWithPlayAreSeldomTakenForBadOnes(): void
    {
        $accused = self::accused([1.0, 1.0]);
        self::assertLessThanOrEqual(0.02 * self::CARS, $accused, "$accused of " . self::CARS . ' cars had a sound screw accused');
    }

    public function testAScrewThatHardlyMovesTheSensorIsFoundThroughTheirPlay(): void
    {
        $found = self::accused([0.2, 1.0], 0.5);
        self::assertGreaterThanOrEqual(0.9 * self::CARS, $found, "$found of " . self::CARS . ' lost threads were found');
    }

    /**
     * On how many cars a screw was called bad while it was worked on.
     *
     * @param array{float, float} $threads each screw's share of its thread
     * @param float               $least   so far off is each axis at least, degrees
     */
    private static function accused(array $threads, float $least = 0.0): int
    {
        $screws = new ScrewPair(new Screw('upper', 76, 0, 0.8, TurnSense::In), new Screw('lower', 0, -56, 0.8, TurnSense::Out));
        $limits = new AxisPair(0.35, 0.45);
        $chance = new Chance(77);
        $accused = 0;
        for ($car = 0; $car < self::CARS; $car++) {
            $lost = $chance->between(0, self::MOST_LOST);
            $gains = [$threads[0] * $chance->between(0.9, 1.1), $threads[1] * $chance->between(0.9, 1.1)];
            $stood = [$chance->between(0, 1) < 0.5 ? 1 : -1, $chance->between(0, 1) < 0.5 ? 1 : -1];
            $off = static fn(): float => ($chance->between(0, 1) < 0.5 ? -1 : 1) * $chance->between($least, 1.2);
            $truth = new AxisPair($off(), $off());
            $rounds = [];
            $said = false;
            for ($round = 0; $round < self::ROUNDS && ! $said; $round++) {
                $before = self::read($truth, $chance);
                $learned = $rounds === [] ? Gains::unknown() : Gains::learned($screws, $rounds, self::S, self::COUNTED);
                $turns = Correction::of($screws, $before, $limits, $learned)->turns;
                foreach ($turns as $i => $turned) {
                    $sense = $turned <=> 0.0;
                    $reached[$i] = $sense * max(0.0, abs($turned) - ($sense === $stood[$i] ? 0.0 : $lost));
                    $stood[$i] = $sense === 0 ? $stood[$i] : $sense;
                }
                $truth = $truth->plus($screws->change([$reached[0] * $gains[0], $reached[1] * $gains[1]], [1.0, 1.0]));
                $rounds[] = new Round($turns, $before, self::read($truth, $chance));
                $said = Gains::learned($screws, $rounds, self::S, self::COUNTED)->suspects() !== [];
            }
            $accused += $said ? 1 : 0;
        }

        return $accused;
    }

    private static function read(AxisPair $truth, Chance $chance): AxisPair
    {
        return new AxisPair($truth->azimuth + self::S * $chance->normal(), $truth->elevation + self::S * $chance->normal());
    }
}
