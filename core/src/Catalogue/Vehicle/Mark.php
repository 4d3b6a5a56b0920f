<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Vehicle;

use Lumbro\Core\Message\Message;

/** What is plumbed as the car's middle where its emblem is missing, and how far it may lie off it (half-widths, mm). */
enum Mark: string
{
    case Emblem = 'emblem';
    case PlateMiddle = 'plate-middle';
    case LampMiddle = 'lamp-middle';
    case CoverSeam = 'cover-seam';
    case GlassMiddle = 'glass-middle';
    case Other = 'other';

    /** How it is called. */
    public function said(): Message
    {
        return Message::of('mark.' . $this->value);
    }

    /** How far it may lie to the side of the car's middle, mm, half-width; null where the vehicle's sheet says it. */
    public function across(): ?float
    {
        return match ($this) {
            self::Emblem => null,
            self::LampMiddle => 5.0,
            self::CoverSeam => 6.0,
            self::GlassMiddle => 7.0,
            self::PlateMiddle => 9.0,
            self::Other => 15.0,
        };
    }
}
