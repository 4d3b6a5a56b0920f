<?php

declare(strict_types=1);

namespace Lumbro\Core\Measure;

/** The units a length may be typed in. */
enum LengthUnit: string
{
    case Millimetre = 'mm';
    case Centimetre = 'cm';
    case Metre = 'm';
    case Inch = 'in';
    case Foot = 'ft';

    /** Millimetres in one of it; the inch is 25.4 mm by definition. */
    public function millimetres(): float
    {
        return match ($this) {
            self::Millimetre => 1.0,
            self::Centimetre => 10.0,
            self::Metre => 1000.0,
            self::Inch => 25.4,
            self::Foot => 304.8,
        };
    }
}
