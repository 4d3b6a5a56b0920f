<?php

declare(strict_types=1);

namespace App\Devices;

/** The sensor's routine ended without a reading; the message is the tool's own. */
final class RoutineFailed extends \RuntimeException
{
    public static function targetNotFound(): self
    {
        return new self('Routine ended: no target found in the expected window. The sensor reports its stored axis as not valid.');
    }
}
