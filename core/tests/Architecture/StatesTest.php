<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** Who takes a whole task's or order's state could use any of it: only Work may. Who writes it down takes the task or the order. */
final class StatesTest extends TestCase
{
    public function testNothingButWorkTakesAStateWhole(): void
    {
        $core = dirname(__DIR__, 2) . '/src';
        $found = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($core, \FilesystemIterator::SKIP_DOTS)) as $file) {
            self::assertInstanceOf(\SplFileInfo::class, $file);
            $name = substr($file->getPathname(), strlen($core) + 1);
            if (! str_starts_with($name, 'Work/')) {
                foreach (self::takers((string) file_get_contents($file->getPathname())) as $function) {
                    $found[] = "$name $function";
                }
            }
        }
        self::assertSame([], $found);
    }

    public function testATakerIsSeen(): void
    {
        $source = '<?php function a(int $n, TaskState $s) {} function b(?OrderState $s = null) {} $c = fn(OrderState|null $s) => 1; function d(TaskStateDocument $s): TaskState {} f($taskState);';
        self::assertSame(['a', 'b', 'fn'], self::takers($source));
    }

    /** @return list<string> names of the functions with such a parameter */
    private static function takers(string $source): array
    {
        $takers = [];
        preg_match_all('/\b(?:function\s+(?<name>\w+)|fn|function)\s*\((?<parameters>[^()]*(?:\([^()]*\)[^()]*)*)\)/', $source, $functions, PREG_SET_ORDER);
        foreach ($functions as $function) {
            if (preg_match('/\b(TaskState|OrderState)\b[^$,]*\$/', $function['parameters']) === 1) {
                $takers[] = $function['name'] === '' ? 'fn' : $function['name'];
            }
        }

        return $takers;
    }
}
