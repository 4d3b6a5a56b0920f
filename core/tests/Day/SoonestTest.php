<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Day;

use Lumbro\Core\Day\Asks;
use Lumbro\Core\Day\Car;
use Lumbro\Core\Day\Compiled;
use Lumbro\Core\Day\Day;
use Lumbro\Core\Day\KitUnit;
use Lumbro\Core\Day\Part;
use Lumbro\Core\Day\Person;
use Lumbro\Core\Day\Soonest;
use Lumbro\Core\Day\Stage;
use Lumbro\Core\Tests\Support\Chance;
use Lumbro\Core\Tests\Support\Draws;
use PHPUnit\Framework\TestCase;

/** The first minute for a stage is the one that is found by looking at every minute. */
final class SoonestTest extends TestCase
{
    private const LAST = 200;

    public function testNoEarlierMinuteHasSomebodyAndAToolAndTheSun(): void
    {
        $chance = new Chance(18);
        $found = 0;
        for ($draw = 0, $draws = Draws::of(20_000, 1_500); $draw < $draws; $draw++) {
            $minutes = 1 + (int) $chance->between(0, 25);
            $windows = $chance->between(0, 1) < 0.3 ? [[30, 90], [110, 180]] : [];
            $kit = $chance->between(0, 1) < 0.5 ? ['scan-tool'] : [];
            $needs = $chance->between(0, 1) < 0.9;
            $c = new Compiled(new Day(0, self::LAST, [new Person('ilse', [], ['run', 'drive']), new Person('bram', [], ['run']), new Person('tolly', [])], [], [new KitUnit('first', 'scan-tool'), new KitUnit('second', 'scan-tool')], [
                new Car('car', 0, null, [new Part('part', [new Stage('stage', 'stage', $minutes, 0.3, new Asks($needs, 'run', $kit, $windows))])]),
            ]));
            $hours = array_map(static fn(): array => self::gaps($chance), [0, 1, 2]);
            $free = array_map(static fn(): array => self::gaps($chance), [0, 1]);
            $at = (int) $chance->between(0, 150);
            $last = (int) floor($chance->between(-1, 2.99));

            [$from, $who, $used] = Soonest::stage($c, 0, $c->people[0], $at, $last, $hours, $free);

            $may = static fn(int $minute): array => array_values(array_filter($needs ? $c->people[0] ?? [] : [-1], static fn(int $one): bool => $one < 0 || self::isFree($hours[$one], $minute, $minutes)));
            $tools = static fn(int $minute): array => array_values(array_filter([0, 1], static fn(int $one): bool => self::isFree($free[$one], $minute, $minutes)));
            $suits = static fn(int $minute): bool => $may($minute) !== [] && ($kit === [] || $tools($minute) !== []) && ($windows === [] || self::isFree(array_merge(...$windows), $minute, $minutes));
            for ($first = $at; $first <= self::LAST && ! $suits($first); $first++);
            if ($first > self::LAST) {
                self::assertSame([Compiled::NEVER, -1, []], [$from, $who, $used]);

                continue;
            }
            $found++;
            self::assertSame($first, $from);
            self::assertSame(in_array($last, $may($first), true) ? $last : $may($first)[0], $who, 'whoever had it last, else the first who can');
            self::assertSame($kit === [] ? [] : array_slice($tools($first), 0, 1), $used);
        }
        self::assertGreaterThan($draws / 3, $found);
    }

    public function testOfTwoWhoAreFreeItIsWhoMayDoLess(): void
    {
        $c = new Compiled(new Day(0, self::LAST, [new Person('ilse', [[0, 100]], ['run', 'drive']), new Person('tolly', [[0, 100]], ['run'])], [], [], [
            new Car('car', 0, null, [new Part('part', [new Stage('stage', 'stage', 10, 0.3, new Asks(right: 'run'))])]),
        ]));
        self::assertSame([0, 1, []], Soonest::stage($c, 0, $c->people[0], 0, -1, $c->hours, []));
    }

    /** @return list<int> from, to, from, to …, not touching */
    private static function gaps(Chance $chance): array
    {
        $free = [];
        for ($at = (int) $chance->between(0, 40); $at < self::LAST - 50; $at = $to + 1 + (int) $chance->between(0, 40)) {
            $to = $at + 1 + (int) $chance->between(0, 40);
            array_push($free, $at, $to);
        }

        return $free;
    }

    /** @param list<int> $free */
    private static function isFree(array $free, int $minute, int $minutes): bool
    {
        for ($i = 0; $i < count($free); $i += 2) {
            if ($free[$i] <= $minute && $minute + $minutes <= $free[$i + 1]) {
                return true;
            }
        }

        return false;
    }
}
