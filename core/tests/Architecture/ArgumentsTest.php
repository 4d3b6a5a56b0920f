<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** A table of many fields is built by their names: nobody counts to the eighth place of a list of arguments. */
final class ArgumentsTest extends TestCase
{
    private const MOST = 7;

    public function testNothingIsBuiltFromMoreThanSevenArgumentsByTheirPlaces(): void
    {
        $built = 0;
        $many = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(__DIR__ . '/../../src', \FilesystemIterator::SKIP_DOTS)) as $file) {
            self::assertInstanceOf(\SplFileInfo::class, $file);
            // What is made at build time nobody counts.
            if ($file->getBasename() === 'Tables.php') {
                continue;
            }
            foreach (self::placed((string) file_get_contents($file->getPathname())) as $line => $count) {
                $built++;
                if ($count > self::MOST) {
                    $many[] = $file->getBasename() . ":$line has $count";
                }
            }
        }
        self::assertGreaterThan(400, $built);
        self::assertSame([], $many);
    }

    public function testSuchAListIsSeen(): void
    {
        self::assertSame([2 => 8], iterator_to_array(self::placed("<?php\nnew X(1, [2, 2], f(3, 3), 4, 5, 6, 7, 8, nine: 9, ...\$more);")));
    }

    /** @return iterable<int, int> line of each "new" with arguments → how many of them are given by their places */
    private static function placed(string $source): iterable
    {
        $tokens = array_values(array_filter(\PhpToken::tokenize($source), static fn(\PhpToken $token): bool => ! $token->isIgnorable()));
        foreach ($tokens as $i => $token) {
            if ($token->is(T_NEW) && ($tokens[$i + 2]->text ?? '') === '(') {
                yield $token->line => self::counted(array_slice($tokens, $i + 3));
            }
        }
    }

    /** @param list<\PhpToken> $tokens from the first argument on */
    private static function counted(array $tokens): int
    {
        $count = 0;
        $depth = 0;
        $begins = true;
        foreach ($tokens as $i => $token) {
            if ($token->text === ')' && $depth === 0) {
                break;
            }
            if ($begins && ! $token->is(T_ELLIPSIS) && ! ($token->is(T_STRING) && $tokens[$i + 1]->text === ':')) {
                $count++;
            }
            $begins = $depth === 0 && $token->text === ',';
            $depth += match ($token->text) {
                '(', '[', '{' => 1,
                ')', ']', '}' => -1,
                default => 0,
            };
        }

        return $count;
    }
}
