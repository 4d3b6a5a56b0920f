<?php

declare(strict_types=1);

namespace Lumbro\Core\Screws;

/** Which way a clockwise turn of a screw moves its corner of the sensor. */
enum TurnSense: string
{
    case Out = 'out';
    case In = 'in';

    /** +1 where clockwise moves the corner out, else −1. */
    public function sign(): int
    {
        return $this === self::Out ? 1 : -1;
    }
}
