<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Architecture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whoever reads the core finds units, ranges, errors and sources where they stand. */
final class DocblocksTest extends TestCase
{
    /** Folder → the section of docs/maths.md that its classes follow. */
    private const SECTIONS = ['Survey' => 2, 'Placement' => 3, 'Decision' => 4, 'Floor' => 5, 'Axis' => 6, 'Screws' => 7, 'Echo' => 8];

    /** @return iterable<string, array{class-string}> */
    public static function classes(): iterable
    {
        $source = dirname(__DIR__, 2) . '/src/';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($source, \FilesystemIterator::SKIP_DOTS)) as $file) {
            self::assertInstanceOf(\SplFileInfo::class, $file);
            /** @var class-string $class */
            $class = 'Lumbro\\Core\\' . strtr(substr($file->getPathname(), strlen($source), -4), '/', '\\');
            yield $class => [$class];
        }
    }

    /** @param class-string $class */
    #[DataProvider('classes')]
    public function testAClassAndItsPublicMethodsSayWhatTheyAreFor(string $class): void
    {
        $reflection = new \ReflectionClass($class);
        self::assertIsString($reflection->getDocComment(), $class);
        foreach ($reflection->getMethods(\ReflectionMethod::IS_PUBLIC) as $method) {
            if ($method->getDeclaringClass()->getName() === $class && ! $method->isInternal()) {
                $said = $method->getDocComment() !== false || ($method->hasPrototype() && $method->getPrototype()->getDocComment() !== false);
                self::assertTrue($said, "$class::{$method->getName()} says nothing");
            }
        }
    }

    public function testEveryFolderOfTheComputationNamesItsSection(): void
    {
        foreach (self::SECTIONS as $folder => $section) {
            $text = implode('', array_map(file_get_contents(...), glob(dirname(__DIR__, 2) . "/src/$folder/*.php") ?: []));
            self::assertStringContainsString("maths, section $section", $text, $folder);
        }
        $listed = (string) file_get_contents(dirname(__DIR__, 3) . '/docs/maths.md');
        foreach (self::SECTIONS as $folder => $section) {
            self::assertMatchesRegularExpression("/\\| `$folder\\/` +\\| +$section\\b/", $listed);
        }
    }
}
