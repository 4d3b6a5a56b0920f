<?php

declare(strict_types=1);

namespace App\Devices;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Message\Message;

/** No device of this kind answers. */
final class DeviceUnavailable extends \RuntimeException
{
    private function __construct(public readonly Message $said)
    {
        parent::__construct($said->code);
    }

    public static function scanTool(): self
    {
        return new self(Message::of('tool.away'));
    }

    public static function codeReader(): self
    {
        return new self(Message::of('scan.no-tool'));
    }

    public static function logEnded(ToolCommand $command): self
    {
        return new self(Message::of('tool.log-ended', ['command' => $command->said()]));
    }

    public static function meter(): self
    {
        return new self(Message::of('meter.away'));
    }
}
