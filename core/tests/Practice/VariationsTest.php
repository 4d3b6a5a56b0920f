<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Practice;

use Lumbro\Core\Exercise\Player;
use Lumbro\Core\Tests\Support\Draws;
use Lumbro\Core\Tests\Support\Follower;
use Lumbro\Core\Tests\Support\Variations;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Somebody who does what the core says, at simulated cars whose faults only the scenario knows. */
final class VariationsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function scenarios(): iterable
    {
        foreach (Variations::names() as $name) {
            yield $name => [$name];
        }
    }

    public function testTwelveScenariosShip(): void
    {
        self::assertCount(12, Variations::names());
    }

    #[DataProvider('scenarios')]
    public function testTheAdviceReachesTheTruthOfEveryShippedScenario(string $name): void
    {
        $follower = Follower::at(Variations::file($name))->work();
        self::assertTrue(self::isRight($follower), "$name: {$follower->end()} after " . implode(', ', $follower->did));
        self::assertLessThanOrEqual(2, $follower->state()->run->log->rounds());
    }

    public function testOverManyVariationsTheAdviceEndsRightAndPassesNothingThatIsOff(): void
    {
        $all = $right = $passed = $off = $named = 0;
        $rounds = [];
        $wrong = [];
        $each = Draws::of(42, 1);
        foreach (Variations::names() as $kind => $name) {
            for ($i = 0; $i < $each; $i++) {
                $seed = 1000 * $kind + $i + 7;
                $follower = Follower::at(Variations::of($name, $seed))->work();
                $all++;
                $rounds[] = $follower->state()->run->log->rounds();
                $aligned = $follower->truth()->isAligned();
                $off += $aligned ? 0 : 1;
                $passed += ! $aligned && $follower->end() === 'aligned' ? 1 : 0;
                if ($follower->end() === 'accepted' && self::isNear($follower)) {
                    // Nothing to adjust, and no reading would settle it: somebody's name, neither proven nor sent back.
                    $named++;
                } elseif (self::isRight($follower)) {
                    $right++;
                } else {
                    $wrong[] = sprintf('%s %d: %s, fault %s, aligned %d', $name, $seed, $follower->end(), $follower->hands->scenario->fault->value ?? 'none', $aligned);
                }
            }
        }
        sort($rounds);
        $said = sprintf("%d of %d right, %d of those off passed\n%s", $right, $all, $passed, implode("\n", $wrong));
        self::assertSame(12 * $each, $all);
        self::assertGreaterThanOrEqual(0.95 * ($all - $named), $right, $said);
        self::assertLessThanOrEqual(0.08 * $all, $named, $said);
        self::assertLessThan(0.02 * $all, $passed, $said);
        self::assertLessThanOrEqual(2, $rounds[intdiv($all, 2)]);
        self::assertGreaterThan($all / 10, $off + count(array_filter($rounds)), 'Hardly anything was off: this shows nothing.');
    }

    /** Whether an axis lies about one of its limits: within a third of it, either side. */
    private static function isNear(Player $follower): bool
    {
        $sensor = $follower->state()->context->cardSensor;
        $truth = $follower->truth();
        foreach ([[$truth->azimuth + $truth->zero[0], $sensor->limitAzimuth], [$truth->elevation + $truth->zero[1], $sensor->limitElevation]] as [$off, $limit]) {
            if ($limit !== null && abs(abs($off) - $limit) < $limit / 3) {
                return true;
            }
        }

        return false;
    }

    private static function isRight(Player $follower): bool
    {
        $sent = $follower->state()->run->log->sentBack;

        return $follower->hands->scenario->fault === null
            ? $follower->end() === 'aligned' && $follower->truth()->isAligned()
            : $sent !== null && $sent->fault === $follower->hands->scenario->fault->value;
    }
}
