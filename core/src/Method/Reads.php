<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

/** What a reading is a reading of, and so how it is typed. */
enum Reads: string
{
    /** mm, never negative */
    case Length = 'length';
    /** mm, to a side of the car */
    case Sided = 'sided';
    /** mm over the floor, to a datum of the target */
    case Height = 'height';
    /** degrees, clockwise or anticlockwise seen from above */
    case Turn = 'turn';
}
