<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** What is made from the tables of fields is as they are now. */
final class DerivedTest extends TestCase
{
    public function testNothingDerivedIsStale(): void
    {
        exec(escapeshellarg(PHP_BINARY) . ' ' . escapeshellarg(__DIR__ . '/../../bin/derive') . ' --check 2>&1', $said, $exit);
        self::assertSame([0, []], [$exit, $said], 'run core/bin/derive');
    }
}
