<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Architecture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The core is built in layers: a folder imports only from those before it in this list, and no circle can come about. */
final class LayersTest extends TestCase
{
    private const LAYERS = [
        'Message', 'Failure', 'Numeric', 'Measure', 'Fields',
        'Survey', 'Decision', 'Floor', 'Placement', 'Axis', 'Screws', 'Echo', 'Drive',
        'People', 'Catalogue', 'Method', 'Journal',
        'Intake', 'SetUp', 'Run', 'Work', 'Planning', 'Day', 'Practice', 'Exercise',
        'Commands', 'Record', 'Facts', 'Codec', 'Evidence', 'Cli',
    ];

    /** Within the catalogue the same holds of its documents. */
    private const CATALOGUE = ['Catalogue/Vehicle', 'Catalogue/Kit', 'Catalogue/Bay', 'Catalogue/ShopRules', 'Catalogue/Card'];

    private const SOURCE = __DIR__ . '/../../src';

    public function testEveryFolderHasItsLayer(): void
    {
        $folders = array_map(basename(...), glob(self::SOURCE . '/*', GLOB_ONLYDIR) ?: []);
        sort($folders);
        $known = self::LAYERS;
        sort($known);
        self::assertSame($known, $folders);
        self::assertSame([self::SOURCE . '/Version.php'], glob(self::SOURCE . '/*.php') ?: []);
    }

    /** @return iterable<string, array{string, list<string>}> folder, and those it may import from beside itself */
    public static function folders(): iterable
    {
        foreach (self::LAYERS as $i => $folder) {
            yield $folder => [$folder, array_slice(self::LAYERS, 0, $i)];
        }
        foreach (self::CATALOGUE as $i => $folder) {
            yield $folder => [$folder, [...array_slice(self::LAYERS, 0, (int) array_search('Catalogue', self::LAYERS, true)), ...array_slice(self::CATALOGUE, 0, $i)]];
        }
    }

    /** @param list<string> $before */
    #[DataProvider('folders')]
    public function testAFolderImportsOnlyFromThoseBeforeIt(string $folder, array $before): void
    {
        $wrong = [];
        foreach (self::files($folder) as $file) {
            preg_match_all('/Lumbro\\\\Core\\\\([A-Za-z\\\\]+)/', (string) file_get_contents($file), $found);
            foreach ($found[1] as $class) {
                $from = strtr($class, '\\', '/');
                $allowed = array_filter([$folder, ...$before], static fn(string $known): bool => str_starts_with("$from/", "$known/"));
                if ($allowed === [] && str_contains($from, '/')) {
                    $wrong[] = basename($file) . " imports $from";
                }
            }
        }
        self::assertSame([], array_values(array_unique($wrong)));
    }

    /** @return list<string> */
    private static function files(string $folder): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::SOURCE . "/$folder", \FilesystemIterator::SKIP_DOTS)) as $file) {
            self::assertInstanceOf(\SplFileInfo::class, $file);
            $files[] = $file->getPathname();
        }

        return $files;
    }
}
