<?php

declare(strict_types=1);

namespace Tests\Browser;

use Lumbro\Core\Cli\CommandLine;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Tests\Cli\VectorsTest;

/**
 * The core computes in a browser what it computes on the server: the same words and verdicts, and each figure to nine digits and
 * more. The last bits of sines and logarithms are those of another library, and are shown to nobody.
 */
final class CoreInBrowserTest extends BrowserCase
{
    protected const CARRIES = true;

    public function testEveryWorkedCaseComesOutTheSame(): void
    {
        $workers = glob(dirname(__DIR__, 2) . '/public/build/assets/core.worker-*.js') ?: [];
        self::assertCount(1, $workers);
        $this->browser->visit('/');
        $this->browser->driver->executeScript('window.core = new Worker(arguments[0], { type: "module" }); window.answers = {}; core.onmessage = ({ data }) => { answers[data.id] = data.answer ?? data.failure; };', ['/build/assets/' . basename($workers[0])]);
        $count = 0;
        foreach (VectorsTest::cases() as $name => [$command, $input]) {
            $document = (string) json_encode($input, JSON_PRESERVE_ZERO_FRACTION);
            $this->browser->driver->executeScript('core.postMessage({ id: arguments[0], command: arguments[1], document: arguments[2] });', [++$count, $command, $document]);
            $this->until("answers[$count] !== undefined");
            $here = json_decode((string) $this->browser->driver->executeScript("return answers[$count]"), true, 64, JSON_THROW_ON_ERROR);
            self::assertNull(self::difference(json_decode(self::native($command, $document), true, 64, JSON_THROW_ON_ERROR), $here), $name);
        }
        self::assertGreaterThan(50, $count);
    }

    /** Where two answers differ; null where they do not. */
    private static function difference(mixed $one, mixed $other, string $path = ''): ?string
    {
        if (is_float($one) && is_float($other)) {
            return abs($one - $other) <= 1e-9 * max(1.0, abs($one)) ? null : "$path: $one, $other";
        }
        if (! is_array($one) || ! is_array($other)) {
            return $one === $other ? null : "$path: " . json_encode([$one, $other]);
        }
        if (array_keys($one) !== array_keys($other)) {
            return "$path: " . json_encode([array_keys($one), array_keys($other)]);
        }
        foreach ($one as $key => $value) {
            $difference = self::difference($value, $other[$key], "$path/$key");
            if ($difference !== null) {
                return $difference;
            }
        }

        return null;
    }

    private static function native(string $command, string $document): string
    {
        [$in, $out] = [fopen('php://memory', 'r+'), fopen('php://memory', 'r+')];
        self::assertIsResource($in);
        self::assertIsResource($out);
        fwrite($in, $document);
        rewind($in);
        CommandLine::run([$command], $in, $out, $out, static fn(Message $said): string => $said->code);
        rewind($out);

        return trim((string) stream_get_contents($out));
    }
}
