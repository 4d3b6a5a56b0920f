<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** No folder of the application or of the interface imports, by whatever way, from one that imports from it. */
final class FoldersTest extends TestCase
{
    private const ROOT = __DIR__ . '/../../';

    /** @return iterable<string, array{array<string, list<string>>}> folder → folders it imports from */
    public static function houses(): iterable
    {
        yield 'the application' => [self::imports('app', '/\bApp\\\\([A-Za-z\\\\]+)\\\\[A-Z]\w*/', static fn(string $folder, string $found): string => strtok(strtr($found, '\\', '/'), '/') ?: '.')];
        yield 'the interface' => [self::imports('ui/src', "/from '(\\.[^']*)'/", static fn(string $folder, string $found): string => self::joined($folder, dirname($found)))];
    }

    /** @param array<string, list<string>> $imports */
    #[DataProvider('houses')]
    public function testNoFolderImportsInACircle(array $imports): void
    {
        self::assertGreaterThan(8, count($imports));
        // A folder that imports from nothing that is left is out of the way; what cannot be taken away so is a circle.
        $left = $imports;
        do {
            $before = count($left);
            $left = array_filter($left, static fn(array $from): bool => array_intersect($from, array_keys($left)) !== []);
        } while (count($left) < $before);
        self::assertSame([], array_map(static fn(array $from): array => array_values(array_intersect($from, array_keys($left))), $left));
    }

    /**
     * @param \Closure(string, string): string $folderOf the folder that an import means
     *
     * @return array<string, list<string>>
     */
    private static function imports(string $house, string $pattern, \Closure $folderOf): array
    {
        $root = self::ROOT . $house;
        $imports = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            self::assertInstanceOf(\SplFileInfo::class, $file);
            $place = substr($file->getPathname(), strlen($root) + 1);
            // Tests stand outside: they may look into every folder.
            if (preg_match('/(^tests\/|\.test\.|test-setup)/', $place) === 1 || preg_match('/\.(php|tsx?)$/', $place) !== 1) {
                continue;
            }
            $folder = $house === 'app' ? (strtok($place, '/') ?: '.') : (dirname($place) === '.' ? '.' : dirname($place));
            $imports[$folder] ??= [];
            preg_match_all($pattern, (string) file_get_contents($file->getPathname()), $found);
            foreach ($found[1] as $import) {
                $from = $folderOf($folder, $import);
                if ($from !== $folder && ! str_starts_with($from, '..')) {
                    $imports[$folder][] = $from;
                }
            }
        }

        return array_map(static fn(array $from): array => array_values(array_unique($from)), $imports);
    }

    private static function joined(string $folder, string $relative): string
    {
        $steps = $folder === '.' ? [] : explode('/', $folder);
        foreach (explode('/', $relative) as $step) {
            if ($step === '..') {
                if ($steps === []) {
                    return '..';
                }
                array_pop($steps);
            } elseif ($step !== '.') {
                $steps[] = $step;
            }
        }

        return $steps === [] ? '.' : implode('/', $steps);
    }
}
