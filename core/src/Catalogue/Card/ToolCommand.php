<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Message\Message;

/** What a scan tool can be asked to do. */
enum ToolCommand: string
{
    case Identify = 'identify';
    case Unlock = 'unlock';
    case Voltage = 'voltage';
    case Codes = 'codes';
    case LotCode = 'lot-code';
    case EmptyZone = 'empty-zone';
    case Start = 'start';
    case Read = 'read';
    case Level = 'level';
    case Zero = 'zero';
    case Clear = 'clear';

    /** What a card's step may ask of the tool. */
    public const STEPS = ['identify', 'unlock', 'voltage', 'codes', 'lot-code', 'empty-zone', 'start', 'read'];

    /** What is done, as a person would ask for it: "read the axis". */
    public function said(): Message
    {
        return Message::of('tool.' . $this->value);
    }

    /** Whether it needs a proven placement: what only looks does not. */
    public function isBarred(): bool
    {
        return in_array($this, [self::Start, self::Read, self::Zero], true);
    }

    /** Whether the sensor works with what it sees, so that a failure speaks of the set-up and the car. */
    public function looks(): bool
    {
        return in_array($this, [self::EmptyZone, self::Start, self::Read], true);
    }
}
