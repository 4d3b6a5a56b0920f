<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

/** Network documents that nobody means well with, each with the code of its refusal, or null where it has an answer. */
final class Hostile
{
    private const TWO = '"A":{"x":0,"y":0,"sx":1,"sy":1},"B":{"x":4000,"y":0,"sx":1,"sy":1}';

    /** @return iterable<string, array{string, string|null}> document, code */
    public static function networks(): iterable
    {
        $deep = static fn(string $open, string $close): string => str_repeat($open, 50000) . str_repeat($close, 50000);
        yield 'lists in lists' => [$deep('[', ']'), 'invalid-input'];
        yield 'objects in objects' => [$deep('{"a":', '}'), 'invalid-input'];
        yield 'a point given twice' => ['{"points":{' . self::TWO . ',"A":{"x":9,"y":0}},"observations":[]}', 'invalid-input'];
        yield 'a number that is none' => ['{"points":{"A":{"x":NaN,"y":0}},"observations":[]}', 'invalid-input'];
        yield 'a number beyond any' => ['{"points":{"A":{"x":1e999,"y":0}},"observations":[]}', 'invalid-input'];
        yield 'a number as a text' => ['{"points":{"A":{"x":"0x1A","y":0}},"observations":[]}', 'invalid-input'];
        yield 'a number of many digits' => ['{"points":{"A":{"x":' . str_repeat('9', 400) . ',"y":0}},"observations":[]}', 'invalid-input'];
        yield 'bytes that are no text' => ["{\"points\":{\"\xff\":{\"x\":0,\"y\":0}},\"observations\":[]}", 'invalid-input'];
        yield 'a name of nothing' => ['{"points":{"":{"x":0,"y":0,"sx":1,"sy":1}},"observations":[]}', 'invalid-input'];
        yield 'a name with a null' => ['{"points":{"\u0000A":{"x":0,"y":0,"sx":1,"sy":1}},"observations":[]}', 'invalid-input'];
        yield 'a very long name' => ['{"points":{"' . str_repeat('A', 1_000_000) . '":{"x":0,"y":0,"sx":1,"sy":1}},"observations":[]}', null];
        yield 'a body that carries itself' => ['{"points":{},"bodies":{"b":{"x":0,"y":0,"yaw":0,"points":{"b":{"x":1,"y":0}}}},"observations":[]}', 'invalid-input'];
        yield 'two bodies that carry each other' => [
            '{"points":{},"bodies":{"b":{"x":0,"y":0,"yaw":0,"points":{"c":{"x":1,"y":0}}},"c":{"x":0,"y":0,"yaw":0,"points":{"b":{"x":1,"y":0}}}},"observations":[]}',
            'invalid-input',
        ];
        yield 'certainty' => [self::network([], [['type' => 'distance', 'from' => 'A', 'to' => 'B', 'value' => 4000, 's' => 0]]), 'invalid-input'];
        yield 'near certainty' => [self::network([], [['type' => 'distance', 'from' => 'A', 'to' => 'B', 'value' => 4000, 's' => 1e-9]]), 'underdetermined'];
        yield 'no knowledge at all' => [self::network([], [['type' => 'distance', 'from' => 'A', 'to' => 'B', 'value' => 4000, 's' => 1e9]]), null];
        yield 'a line without a length' => [self::network(['P' => [0, 0]], [['type' => 'offset', 'point' => 'B', 'line' => ['A', 'P'], 'value' => 0, 's' => 1]]), 'invalid-input'];
        yield 'a bearing to one\'s own place' => [self::network(['P' => [0, 0]], [['type' => 'bearing', 'from' => 'A', 'to' => 'P', 'value' => 10, 's' => 1]]), 'invalid-input'];
        yield 'a point that is nowhere' => [self::network(['P' => [500, 500]], []), 'underdetermined'];
        yield 'points too many' => ['{"points":{' . implode(',', array_map(static fn(int $i): string => "\"p$i\":{\"x\":$i,\"y\":0}", range(1, 10000))) . '},"observations":[]}', 'invalid-input'];
        yield from self::many();
    }

    /** @return iterable<string, array{string, string|null}> */
    private static function many(): iterable
    {
        $chance = new Chance(10000);
        $tapes = static function (\Closure $value) use ($chance): array {
            $all = [];
            for ($i = 0; $i < 10000; $i++) {
                $all[] = ['type' => 'distance', 'from' => $chance->between(0, 1) < 0.5 ? 'A' : 'B', 'to' => 'P', 'value' => $value(), 's' => 1];
            }

            return $all;
        };
        yield 'ten thousand readings that agree' => [self::network(['P' => [1900, 1400]], $tapes(static fn(): float => 2500 + $chance->normal())), null];
        yield 'ten thousand that do not' => [self::network(['P' => [1900, 1400]], $tapes(static fn(): float => $chance->between(1, 9000))), null];
        $places = [];
        for ($i = 0; $i < 72; $i++) {
            $places["p$i"] = [$i * 100, $chance->between(-500, 500)];
        }
        $between = static function (\Closure $value) use ($places): array {
            $all = [];
            foreach ($places as $from => $a) {
                foreach ($places as $to => $b) {
                    if ($from < $to) {
                        $all[] = ['type' => 'distance', 'from' => $from, 'to' => $to, 'value' => $value(hypot($a[0] - $b[0], $a[1] - $b[1])), 's' => 1];
                    }
                }
            }

            return $all;
        };
        yield 'every tape between seventy points, none of them fixed' => [self::network($places, $between(static fn(float $true): float => $true)), 'underdetermined'];
        $held = array_map(static fn(array $place): array => [...$place, 100.0], $places);
        yield 'the same, each held' => [self::network($held, $between(static fn(float $true): float => $true)), null];
        yield 'the same, and no tape true' => [self::network($held, $between(static fn(): float => $chance->between(1, 1e6))), 'no-convergence'];
    }

    /**
     * @param array<string, array{0: float|int, 1: float|int, 2?: float}> $points name → x, y and, where it is held, s
     * @param list<array<string, mixed>>                                 $observations
     */
    private static function network(array $points, array $observations): string
    {
        $all = [];
        foreach ([...['A' => [0, 0, 1.0], 'B' => [4000, 0, 1.0]], ...$points] as $name => $place) {
            $all[$name] = ['x' => $place[0], 'y' => $place[1], ...(isset($place[2]) ? ['sx' => $place[2], 'sy' => $place[2]] : [])];
        }

        return (string) json_encode([
            'points' => $all,
            'observations' => array_map(static fn(int $i, array $o): array => ['id' => "o$i", ...$o], array_keys($observations), $observations),
        ]);
    }
}
