<?php

declare(strict_types=1);

namespace App\Devices;

use Lumbro\Core\Catalogue\Card\ToolCommand;

/** No device of this kind answers. */
final class DeviceUnavailable extends \RuntimeException
{
    public static function scanTool(): self
    {
        return new self('No scan tool is connected to this task: type what the tool shows, or load its session log.');
    }

    public static function logEnded(ToolCommand $command): self
    {
        return new self(sprintf('The tool\'s log has no further line for “%s”: do it at the tool, write the log again and load it.', $command->words()));
    }

    public static function meter(): self
    {
        return new self('No distance meter is connected to this task.');
    }
}
