<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Cli;

use Lumbro\Core\Tests\Support\Chance;
use Lumbro\Core\Tests\Support\Cli;
use Lumbro\Core\Tests\Support\Hostile;
use Lumbro\Core\Tests\Support\Schemas;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A proper refusal or a right answer, whatever comes; a warning would fail the test. How long it takes is in the benchmark. */
final class HostileInputTest extends TestCase
{
    private const EXTREMES = [0, -0.0, 1e9, -1e9, 1e-9, 2e-9, 1, -1, 180, -180, 90, 360, 5e-324, 0.5, 1e6, 1e-6, 123456789.125];

    /** @return iterable<string, array{string, string|null}> */
    public static function networks(): iterable
    {
        yield from Hostile::networks();
    }

    #[DataProvider('networks')]
    public function testWhatNobodyMeansWellIsRefusedOrAnswered(string $document, ?string $code): void
    {
        $answer = Cli::decoded('network', $document);
        if ($code === null) {
            self::assertArrayNotHasKey('error', $answer);
            self::assertSumsUp($answer);
        } else {
            self::assertIsArray($answer['error'] ?? null);
            self::assertSame($code, $answer['error']['code']);
            self::assertIsString($answer['error']['message']);
            self::assertLessThan(2000, strlen($answer['error']['message']));
            self::assertNotSame([], $answer['error']['unfixed'] ?? ['none']);
        }
    }

    public function testNamesThatLookLikeNumbersMeanWhatOtherNamesMean(): void
    {
        $document = (string) json_encode(Cli::cases('network')[2]->input);
        $names = ['RL' => '7', 'RR' => '08', 'A' => '-1', 'B' => '1e3', 'stand' => '0', 'wheelRL' => '12', 'reflector' => '3.0'];
        $renamed = str_replace(array_map(static fn(string $name): string => "\"$name\"", array_keys($names)), array_map(static fn(string|int $name): string => "\"$name\"", $names), $document);
        $a = Cli::decoded('network', $document);
        $b = Cli::decoded('network', $renamed);
        self::assertIsArray($a['points']);
        self::assertIsArray($b['points']);
        self::assertSame($a['chiSquare'], $b['chiSquare']);
        self::assertSame(array_values($a['points']), array_values($b['points']));
    }

    public function testExtremesInThePlaceOfNumbersGiveARefusalOrAFiniteAnswer(): void
    {
        $chance = new Chance(1480);
        $schemas = new Schemas();
        $refused = $answered = 0;
        foreach (['network', 'placement', 'decide', 'floor', 'axis', 'elevation', 'shift', 'swing', 'screws', 'echo', 'walk', 'learn', 'plan'] as $command) {
            $cases = Cli::cases($command);
            for ($round = 0; $round < 150; $round++) {
                $document = (string) json_encode($cases[$round % count($cases)]->input, JSON_PRESERVE_ZERO_FRACTION);
                $often = $chance->between(0, 0.2);
                $spoiled = (string) preg_replace_callback(
                    '/(?<=[:\[,])-?\d+(?:\.\d+)?(?:[eE][+-]?\d+)?(?=[,\]}])/',
                    static fn(array $number): string => $chance->between(0, 1) < $often
                        ? (string) json_encode(self::EXTREMES[(int) $chance->between(0, count(self::EXTREMES) - 0.001)])
                        : $number[0],
                    $document,
                );
                $answer = json_decode(Cli::run($spoiled, $command)[1]);
                $isRefusal = $answer instanceof \stdClass && isset($answer->error);
                self::assertNull($schemas->complaint($isRefusal ? 'error' : "answers/$command", $answer), $spoiled);
                $isRefusal ? $refused++ : $answered++;
                if (! $isRefusal && $command === 'network') {
                    self::assertSumsUp((array) json_decode((string) json_encode($answer), true));
                }
            }
        }
        self::assertGreaterThan(100, min($refused, $answered));
    }

    /** @param array<array-key, mixed> $answer of a network, whose redundancies add up to its degrees of freedom */
    private static function assertSumsUp(array $answer): void
    {
        self::assertIsArray($answer['observations']);
        self::assertIsInt($answer['degreesOfFreedom']);
        self::assertEqualsWithDelta($answer['degreesOfFreedom'], array_sum(array_column($answer['observations'], 'redundancy')), 0.01);
    }
}
