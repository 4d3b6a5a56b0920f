<?php

declare(strict_types=1);

namespace App\Devices;

/** No device of this kind answers. */
final class DeviceUnavailable extends \RuntimeException
{
    public static function scanTool(): self
    {
        return new self('No scan tool is connected to this task.');
    }

    public static function meter(): self
    {
        return new self('No distance meter is connected to this task.');
    }
}
