<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Message\Message;

/** What a failed run, or a reading that is not to be trusted, may come from (need J30). */
enum Cause: string
{
    case Placement = 'placement';
    case WrongTarget = 'wrong-target';
    case Clutter = 'clutter';
    case Cover = 'cover';
    case Supply = 'supply';
    case Door = 'door';
    case Code = 'code';
    case Bracket = 'bracket';
    case Sensor = 'sensor';
    case Connection = 'connection';

    /** How often it is that, before anything is known: shares that add up to 1. */
    public function prior(): float
    {
        return match ($this) {
            self::Placement => 0.14,
            self::Cover => 0.16,
            self::Clutter => 0.16,
            self::WrongTarget => 0.10,
            self::Supply => 0.10,
            self::Bracket => 0.10,
            self::Code => 0.08,
            self::Door, self::Connection => 0.06,
            self::Sensor => 0.04,
        };
    }

    /** What it is, in a line. */
    public function title(): Message
    {
        return Message::of("cause.$this->value.title");
    }

    /** What it means when its check finds it. */
    public function whenFound(): Message
    {
        return Message::of("cause.$this->value.found");
    }

    /** The trade the car goes back to when it is found; null where it is put right on the spot. */
    public function sendsBackTo(): ?string
    {
        return match ($this) {
            self::Cover => 'paint',
            self::Bracket => 'body',
            self::Sensor => 'parts',
            default => null,
        };
    }
}
