<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Fields;

use PHPUnit\Framework\TestCase;

/** Documents read with PHP's compiler on, as they are when Lumbro is served. */
final class CompiledTest extends TestCase
{
    public function testAnOptionalFieldIsReadOnAHotPathAsItIsOnACoolOne(): void
    {
        $flags = '-d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d opcache.jit_max_root_traces=50000 -d opcache.jit_max_side_traces=50000 -d opcache.jit_max_exit_counters=200000';
        exec(escapeshellarg(PHP_BINARY) . " $flags " . escapeshellarg(dirname(__DIR__) . '/Support/read-often.php') . ' 2>&1', $said, $status);
        self::assertSame([0, 'read 400 times'], [$status, implode("\n", $said)]);
    }
}
