<?php

declare(strict_types=1);

namespace Lumbro\Words\Tests;

use Lumbro\Core\Failure\UnreadableReading;
use Lumbro\Core\Measure\Length;
use Lumbro\Core\Message\Quantity;
use Lumbro\Words\Quantities;
use Lumbro\Words\Reader;
use Lumbro\Words\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Words as the server puts them; the interface is held to the same examples. */
final class WordsTest extends TestCase
{
    /** @return iterable<string, array{\stdClass}> */
    public static function examples(): iterable
    {
        foreach ((array) json_decode((string) file_get_contents(__DIR__ . '/../examples.json'), false, 32, JSON_THROW_ON_ERROR) as $i => $example) {
            self::assertInstanceOf(\stdClass::class, $example);
            yield "$i: $example->says" => [$example];
        }
    }

    #[DataProvider('examples')]
    public function testTheExamplesAreSaid(\stdClass $example): void
    {
        $words = new Words(new Reader('en', $example->reader->unit, $example->reader->decimal, $example->reader->zone ?? 'UTC'));
        self::assertSame($example->says, $words->say($example->say ?? $example->quantity));
    }

    /** @return iterable<string, array{string, float|null}> */
    public static function lengths(): iterable
    {
        foreach ((array) json_decode((string) file_get_contents(__DIR__ . '/lengths.json'), false, 8, JSON_THROW_ON_ERROR) as $example) {
            self::assertInstanceOf(\stdClass::class, $example);
            yield "“{$example->typed}”" => [$example->typed, $example->mm];
        }
    }

    #[DataProvider('lengths')]
    public function testLengthsAreReadAsTheInterfaceReadsThem(string $typed, float|int|null $mm): void
    {
        if ($mm === null) {
            $this->expectException(UnreadableReading::class);
        }
        self::assertEqualsWithDelta($mm, Length::fromReading($typed)->millimetres, 1e-6);
    }

    public function testWhatIsPrintedIsReadWhateverTheShopsMarkAndUnit(): void
    {
        foreach ([['mm', '.'], ['mm', ','], ['in', '.'], ['in', ',']] as [$unit, $mark]) {
            $words = new Words(new Reader('en', $unit, $mark, 'UTC'));
            foreach ([0, 3, 112.5, 999.9, 1000, 2275, 23456.7] as $mm) {
                self::assertEqualsWithDelta($mm, Length::fromReading($words->say(Quantity::mm($mm, 1)))->millimetres, $unit === 'mm' ? 0.051 : 0.13);
                self::assertEqualsWithDelta($mm, Length::fromReading($words->say(Quantity::mm($mm)))->millimetres, $unit === 'mm' ? 0.51 : 0.8);
            }
        }
    }

    public function testAPrintedToleranceNeverAllowsMoreThanIsMeant(): void
    {
        foreach (['mm' => 1.0, 'in' => 25.4] as $unit => $per) {
            $quantities = new Quantities(new Reader(unit: $unit));
            for ($mm = 0.1; $mm < 60; $mm += 0.1) {
                $printed = (float) explode(' ', $quantities->limit($mm))[0] * $per;
                self::assertLessThanOrEqual($mm + 1e-6, $printed, "$mm mm in $unit");
                self::assertLessThan($per === 1.0 ? 0.1001 : 0.2541, $mm - $printed);
            }
        }
        self::assertSame(['4 mm', '4.5 mm', '0.3 mm'], array_map((new Quantities(new Reader()))->limit(...), [4.0, 4.5, 0.3]));
        self::assertSame('0.15 in', (new Quantities(new Reader(unit: 'in')))->limit(4.0));
    }

    public function testADocumentIsWordedThroughoutAndNothingElseOfItChanges(): void
    {
        $worded = (new Words())->worded(['a' => [['says' => ['say' => 'note.operations', 'with' => ['count' => 2]], 'n' => 1.5, 'none' => null]], 'say' => 'said with another field beside it', 'b' => true]);
        self::assertSame(['a' => [['says' => '2 operations', 'n' => 1.5, 'none' => null]], 'say' => 'said with another field beside it', 'b' => true], $worded);
    }

    public function testEveryMessageIsAFormatThatCanBeSaid(): void
    {
        foreach (glob(__DIR__ . '/../*.json') ?: [] as $file) {
            $language = basename($file, '.json');
            if ($language !== 'examples') {
                foreach (self::messages($language) as $code => $pattern) {
                    self::assertInstanceOf(\MessageFormatter::class, \MessageFormatter::create($language, $pattern), "$language, $code: $pattern");
                }
            }
        }
    }

    public function testALanguageIsOneFileAndSaysInEnglishWhatItLacks(): void
    {
        $file = __DIR__ . '/../qx.json';
        try {
            file_put_contents($file, (string) json_encode(['note.operations' => '{count, plural, one {# Arbeit} other {# Arbeiten}}']));
            $words = new Words(new Reader('qx', 'mm', ',', 'UTC'));
            self::assertSame('2 Arbeiten', $words->say(['say' => 'note.operations', 'with' => ['count' => 2]]));
            self::assertSame((new Words())->say(['say' => 'accept.lead', 'with' => []]), $words->say(['say' => 'accept.lead', 'with' => []]));
        } finally {
            unlink($file);
        }
    }

    public function testWordsAreWellSet(): void
    {
        foreach (self::messages() as $code => $pattern) {
            self::assertDoesNotMatchRegularExpression('/"|(?<!\'){1}\'(?!\')|\.\.\.|  |^ | $/', str_replace("''", '', $pattern), "$code: curly quotes, one space");
            self::assertDoesNotMatchRegularExpression('/\b(nought|anew|whilst|thereof)\b/i', $pattern, $code);
        }
    }

    public function testEveryCodeTheCoreSaysHasWordsAndEveryWordIsSaid(): void
    {
        [$codes, $beginnings] = self::said();
        self::assertGreaterThan(400, count($codes));
        $messages = self::messages();
        self::assertSame([], array_values(array_diff($codes, array_keys($messages))), 'codes without words');
        $unsaid = array_filter(array_keys($messages), static fn(string $code): bool => ! in_array($code, $codes, true)
            && array_filter($beginnings, static fn(string $beginning): bool => str_starts_with($code, $beginning)) === []);
        self::assertSame([], array_values($unsaid), 'words that nothing says');
        foreach ($beginnings as $beginning) {
            self::assertNotSame([], array_filter(array_keys($messages), static fn(string $code): bool => str_starts_with($code, $beginning)), "no words begin with $beginning");
        }
    }

    public function testNoSentenceIsWrittenInTheCore(): void
    {
        // A simulated tool answers in words of its own, as a real one does.
        $own = ['Practice/SimulatedTool.php'];
        $prose = [];
        foreach (self::sources(__DIR__ . '/../../core/src') as $path => $source) {
            if (array_filter($own, static fn(string $end): bool => str_ends_with($path, $end)) !== []) {
                continue;
            }
            foreach (self::texts($source) as $line => $text) {
                if (preg_match('/[a-z]{2,}[,.:;]? [a-z]{2,}[,.:;]? [a-z]{2,}/i', $text) === 1 || preg_match('/[a-z]{2,} [a-z]{2,}.*\.$/i', $text) === 1) {
                    $prose[] = basename($path) . ":$line $text";
                }
            }
        }
        self::assertSame([
            'ShiftResult.php:11 does not respond', 'Route.php:12 static then dynamic', 'Route.php:13 static or dynamic',
        ], array_values(array_filter($prose, static fn(string $found): bool => ! str_contains($found, 'usage: lumbro-core'))));
    }

    public function testNoSentenceIsWrittenInAReport(): void
    {
        $prose = [];
        $read = 0;
        foreach (self::sources(__DIR__ . '/../../resources/views/report') as $path => $source) {
            // Styles say nothing, and whoever holds a dead link has no shop whose language would be known.
            if (in_array(basename($path), ['style.blade.php', 'gone.blade.php'], true)) {
                continue;
            }
            $read++;
            preg_match_all('/\{\{(.*?)\}\}|\{!!(.*?)!!\}|@\w+\s*(\((?:[^()]|(?3))*\))/s', $source, $expressions);
            foreach (\PhpToken::tokenize('<?php ' . implode(";\n", array_merge($expressions[1], $expressions[2], $expressions[3]))) as $token) {
                if ($token->is([T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE]) && preg_match('/[a-z]{2,} [a-z]{2,}/i', $token->text) === 1) {
                    $prose[] = basename($path) . ": $token->text";
                }
            }
            $between = (string) preg_replace(['/<style.*?<\/style>/s', '/\{\{.*?\}\}|\{!!.*?!!\}|@php.*?@endphp/s', '/@\w+\s*(\((?:[^()]|(?1))*\))?/', '/<[^>]*>/'], ' ', $source);
            preg_match_all('/[A-Za-z]{3,}[ \w,.’]*/', $between, $outside);
            array_push($prose, ...array_map(static fn(string $found): string => basename($path) . ": $found", $outside[0]));
        }
        self::assertSame(6, $read);
        self::assertSame(['order.blade.php: SHA'], $prose);
    }

    /** @return array<string, string> */
    private static function messages(string $language = 'en'): array
    {
        /** @var array<string, string> */
        return json_decode((string) file_get_contents(__DIR__ . "/../$language.json"), true, 4, JSON_THROW_ON_ERROR);
    }

    /** @return array{list<string>, list<string>} codes that stand in the sources as they are, and what composed ones begin with */
    private static function said(): array
    {
        $messages = self::messages();
        [$codes, $beginnings] = [[], []];
        foreach (['core/src', 'app', 'deploy', 'words/src', 'resources/views', 'ui/src', 'signer/src'] as $folder) {
            foreach (self::sources(__DIR__ . "/../../$folder") as $source) {
                preg_match_all('/[\'"]([a-z][a-zA-Z0-9]*(?:[.-][a-zA-Z0-9]+)+)[\'"]/', $source, $whole);
                foreach ($whole[1] as $code) {
                    if (isset($messages[$code]) || preg_match('/(?:Message::of|->of|InvalidInput::because\([^,]+,)\s*\(?\s*[\'"]' . preg_quote($code, '/') . '[\'"]/', $source) === 1) {
                        $codes[] = $code;
                    }
                }
                preg_match_all('/[\'"`]([a-z][a-zA-Z0-9-]*(?:\.[a-zA-Z0-9-]+)*[.-])(?:\{?\$|[\'"]\s*\.)/', $source, $composed);
                foreach ($composed[1] as $beginning) {
                    if (array_filter(array_keys($messages), static fn(string $code): bool => str_starts_with($code, $beginning)) !== []) {
                        $beginnings[] = $beginning;
                    }
                }
            }
        }

        return [array_values(array_unique($codes)), array_values(array_unique($beginnings))];
    }

    /** @return iterable<string, string> path → source */
    private static function sources(string $folder): iterable
    {
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            self::assertInstanceOf(\SplFileInfo::class, $file);
            if (in_array($file->getExtension(), ['php', 'ts', 'tsx'], true) && ! str_contains($file->getFilename(), '.generated.')) {
                yield $file->getPathname() => (string) file_get_contents($file->getPathname());
            }
        }
    }

    /** @return iterable<int, string> line → a text of the source that is not the program's own trouble */
    private static function texts(string $source): iterable
    {
        $own = false;
        foreach (\PhpToken::tokenize($source) as $token) {
            // What only a programmer ever reads may be in words.
            if ($token->is([T_STRING, T_NAME_FULLY_QUALIFIED]) && preg_match('/(LogicException|RuntimeException|InvalidArgumentException)$/', $token->text) === 1) {
                $own = true;
            } elseif ($token->text === ';' || $token->text === ',') {
                $own = false;
            }
            if (! $own && $token->is([T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE]) && ! str_contains($token->text, '<')) {
                yield $token->line => trim($token->text, '\'"');
            }
        }
    }
}
