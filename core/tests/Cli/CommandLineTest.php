<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Cli;

use Lumbro\Core\Tests\Support\Cli;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Refusals: a code, a sentence, the place, and an exit status; never a warning or a wrong number. */
final class CommandLineTest extends TestCase
{
    private const NETWORK = [
        'points' => ['A' => ['x' => 0, 'y' => 0, 'sx' => 1, 'sy' => 1], 'B' => ['x' => 1000, 'y' => 0, 'sx' => 1, 'sy' => 1], 'P' => ['x' => 500, 'y' => 400]],
        'observations' => [
            ['id' => 'a', 'type' => 'distance', 'from' => 'A', 'to' => 'P', 'value' => 640.0, 's' => 1],
            ['id' => 'b', 'type' => 'distance', 'from' => 'B', 'to' => 'P', 'value' => 640.0, 's' => 1],
        ],
    ];

    /** @return iterable<string, array{string, string, string, string|null}> */
    public static function refusals(): iterable
    {
        $with = static fn(array $change): string => (string) json_encode(array_replace_recursive(self::NETWORK, $change));
        $reading = static fn(int $i, array $change): string => $with(['observations' => [$i => $change]]);
        $lacking = ['observations' => [array_diff_key(self::NETWORK['observations'][0], ['value' => 0])]] + self::NETWORK;
        $short = ['observations' => [self::NETWORK['observations'][0]]] + self::NETWORK;
        yield 'no JSON' => ['network', '{"points":', 'invalid-input', null];
        yield 'a list' => ['network', '[]', 'invalid-input', ''];
        yield 'nothing at all' => ['network', '', 'invalid-input', null];
        yield 'nested too deep' => ['network', str_repeat('[', 5000) . str_repeat(']', 5000), 'invalid-input', null];
        yield 'text for a number' => ['network', $reading(0, ['value' => 'NaN']), 'invalid-input', '/observations/0/value'];
        yield 'a huge number' => ['network', $reading(0, ['value' => 1e300]), 'invalid-input', '/observations/0/value'];
        yield 'no uncertainty' => ['network', $reading(1, ['s' => 0]), 'invalid-input', '/observations/1/s'];
        yield 'an unknown field' => ['network', $reading(0, ['valeu' => 1]), 'invalid-input', '/observations/0/valeu'];
        yield 'a missing field' => ['network', (string) json_encode($lacking), 'invalid-input', '/observations/0'];
        yield 'an unknown type' => ['network', $reading(0, ['type' => 'guess']), 'invalid-input', '/observations/0/type'];
        yield 'an unknown point' => ['network', $reading(0, ['to' => 'Q']), 'invalid-input', '/observations/0/to'];
        yield 'the same point twice' => ['network', $reading(0, ['to' => 'A']), 'invalid-input', '/observations/0/to'];
        yield 'the same id twice' => ['network', $reading(1, ['id' => 'a']), 'invalid-input', '/observations/1/id'];
        yield 'a name of two things' => ['network', $with(['bodies' => ['A' => ['x' => 0, 'y' => 0, 'yaw' => 0]]]), 'invalid-input', '/bodies/A'];
        yield 'an unknown instrument' => ['network', $reading(0, ['instrument' => 'tape']), 'invalid-input', '/observations/0/instrument'];
        yield 'too few readings' => ['network', (string) json_encode($short), 'underdetermined', null];
        yield 'thresholds the wrong way' => ['decide', '{"deviation":1,"uncertainty":1,"tolerance":1,"thresholds":[0.9,0.1]}', 'invalid-input', '/thresholds'];
        yield 'a negative uncertainty' => ['decide', '{"deviation":1,"uncertainty":-1,"tolerance":1}', 'invalid-input', '/uncertainty'];
        yield 'no axis at all' => ['axis', '{"reading":{"s":0.05}}', 'invalid-input', '/reading'];
        yield 'a pointer that needs escaping' => ['decide', '{"a/b~c":1,"deviation":1,"uncertainty":1,"tolerance":1}', 'invalid-input', '/a~1b~0c'];
    }

    #[DataProvider('refusals')]
    public function testBadInputIsRefusedByName(string $command, string $input, string $code, ?string $path): void
    {
        [$status, $output] = Cli::run($input, $command);
        $answer = json_decode($output, true);
        self::assertIsArray($answer);
        self::assertIsArray($answer['error']);
        self::assertSame(2, $status);
        self::assertSame($code, $answer['error']['code']);
        self::assertSame($path, $answer['error']['path']);
        self::assertNotSame('', $answer['error']['message']);
    }

    public function testWhatNothingFixesIsNamed(): void
    {
        $network = self::NETWORK;
        array_pop($network['observations']);
        $answer = Cli::answer('network', $network);
        self::assertIsArray($answer['error']);
        self::assertSame(['P.x', 'P.y'], $answer['error']['unfixed']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what is changed in a placement, and what is blamed */
    public static function placementsWithoutDirection(): iterable
    {
        $twice = ['network' => ['points' => ['B' => ['x' => 3790, 'y' => 0]]]];
        yield 'a reference line between one place' => [$twice, '/reference'];
        yield 'a stand aimed at the place it must stand in' => [['spec' => ['from' => 'A', 'along' => 0, 'across' => 0, 'aimAt' => 'A']], '/spec/aimAt'];
        yield 'a target that must stand where the sensor is' => [['spec' => ['from' => 'sensor', 'along' => 0, 'across' => 0], 'sensor' => ['point' => 'sensor']], '/sensor'];
        yield 'a tape from a point to itself as a further check' => [
            ['candidates' => [['id' => 'c', 'type' => 'bearing', 'from' => 'A', 'to' => 'A2', 's' => 1]], 'network' => ['points' => ['A2' => ['x' => 3790, 'y' => 0, 'sx' => 1, 'sy' => 1]]]],
            '/candidates/0',
        ];
        yield 'a survey that says nothing' => [['network' => ['observations' => [['id' => 'o', 'type' => 'offset', 'point' => 'stand', 'line' => ['A', 'A2'], 'value' => 0, 's' => 1]], 'points' => ['A2' => ['x' => 3790, 'y' => 0, 'sx' => 1, 'sy' => 1]]]], '/network/observations/0'];
        yield 'a survey of too many' => [['network' => ['points' => array_fill_keys(range(100, 200), ['x' => 0, 'y' => 0, 'sx' => 1, 'sy' => 1])]], '/network'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('placementsWithoutDirection')]
    public function testAPlacementWithoutADirectionIsRefusedByName(array $change, string $path): void
    {
        $held = ['sx' => 1, 'sy' => 1];
        $placement = [
            'network' => [
                'points' => ['A' => ['x' => 3790, 'y' => 0, ...$held], 'B' => ['x' => -850, 'y' => 0, ...$held], 'sensor' => ['x' => 3730, 'y' => 0, ...$held]],
                'bodies' => ['stand' => ['x' => 5600, 'y' => 0, 'yaw' => 180, ...$held, 'syaw' => 1]],
                'observations' => [],
            ],
            'target' => ['body' => 'stand', 'point' => 'stand'],
            'reference' => ['kind' => 'line', 'from' => 'B', 'to' => 'A'],
            'spec' => ['from' => 'A', 'along' => 1840, 'across' => 0],
        ];
        self::assertArrayHasKey('deviations', Cli::answer('placement', $placement));
        $spoiled = array_replace_recursive($placement, $change);
        $spoiled['spec'] = $change['spec'] ?? $placement['spec'];
        $error = Cli::answer('placement', $spoiled)['error'] ?? null;
        self::assertIsArray($error);
        self::assertSame('invalid-input', $error['code']);
        self::assertSame($path, $error['path']);
    }

    public function testATapeBetweenPointsThatTheMovesBringTogetherIsPredictedAsNothing(): void
    {
        $held = ['sx' => 1, 'sy' => 1];
        $answer = Cli::answer('placement', [
            'network' => [
                'points' => ['A' => ['x' => 3790, 'y' => 0, ...$held], 'B' => ['x' => -850, 'y' => 0, ...$held], 'spot' => ['x' => 5630, 'y' => 0, ...$held]],
                'bodies' => ['stand' => ['x' => 5600, 'y' => 3, 'yaw' => 180, ...$held, 'syaw' => 1]],
                'observations' => [
                    ['id' => 'tape', 'type' => 'distance', 'from' => 'spot', 'to' => 'stand', 'value' => 30.149627, 's' => 1],
                    ['id' => 'sight', 'type' => 'bearing', 'from' => 'spot', 'to' => 'stand', 'value' => 174.289407, 's' => 5],
                ],
            ],
            'target' => ['body' => 'stand', 'point' => 'stand'],
            'reference' => ['kind' => 'line', 'from' => 'B', 'to' => 'A'],
            'spec' => ['from' => 'spot', 'along' => 0, 'across' => 0],
        ]);
        self::assertIsArray($answer['predicted']);
        // A direction between two points in one place is none.
        self::assertSame(['tape'], array_keys($answer['predicted']));
        self::assertEqualsWithDelta(0.0, $answer['predicted']['tape'], 1e-6);
    }

    public function testLinesGoOnAfterARefusal(): void
    {
        $good = '{"deviation":1,"uncertainty":0,"tolerance":2}';
        [$status, $output] = Cli::run("$good\n{\"deviation\":\"x\"}\n\n$good\n", 'decide', '--lines');
        $lines = explode("\n", trim($output));
        self::assertSame(0, $status);
        self::assertCount(3, $lines);
        self::assertStringContainsString('"holds"', $lines[0]);
        self::assertStringContainsString('"error"', $lines[1]);
        self::assertSame($lines[0], $lines[2]);
    }

    public function testTheProgramItselfStandsAlone(): void
    {
        $program = escapeshellarg(dirname(__DIR__, 2) . '/bin/lumbro-core');
        exec("echo '{\"deviation\":1,\"uncertainty\":0,\"tolerance\":2}' | php $program decide", $output, $status);
        self::assertSame(['{"probability":1.0,"verdict":"holds"}'], $output);
        self::assertSame(0, $status);
        exec("php $program nonsense 2>/dev/null < /dev/null", $nothing, $status);
        self::assertSame(2, $status);
    }
}
