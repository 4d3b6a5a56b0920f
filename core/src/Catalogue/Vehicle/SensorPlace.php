<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Vehicle;

use Lumbro\Core\Message\Message;

/** Where a car may have a radar sensor, as it is chosen on a drawing of it. */
enum SensorPlace: string
{
    case Front = 'front';
    case FrontLeft = 'front-left';
    case FrontRight = 'front-right';
    case RearLeft = 'rear-left';
    case RearRight = 'rear-right';
    case BlindLeft = 'blind-left';
    case BlindRight = 'blind-right';

    /** How it is called. */
    public function said(): Message
    {
        return Message::of("place.$this->value");
    }

    /** One of CarSensor's kinds. */
    public function kind(): string
    {
        return match ($this) {
            self::Front => 'front',
            self::FrontLeft, self::FrontRight => 'front-corner',
            self::RearLeft, self::RearRight => 'rear',
            self::BlindLeft, self::BlindRight => 'blind-spot',
        };
    }

    /** One of CarSensor's sides. */
    public function side(): string
    {
        return match ($this) {
            self::Front => 'middle',
            self::FrontLeft, self::RearLeft, self::BlindLeft => 'left',
            self::FrontRight, self::RearRight, self::BlindRight => 'right',
        };
    }

    /** The place of the other one of its pair; null where it is single. */
    public function other(): ?self
    {
        return match ($this) {
            self::Front => null,
            self::FrontLeft => self::FrontRight,
            self::FrontRight => self::FrontLeft,
            self::RearLeft => self::RearRight,
            self::RearRight => self::RearLeft,
            self::BlindLeft => self::BlindRight,
            self::BlindRight => self::BlindLeft,
        };
    }
}
