<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Document;

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
