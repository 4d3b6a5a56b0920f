<?php

declare(strict_types=1);

namespace Lumbro\Core\Axis;

/** What a shift test says of a sensor. */
enum ShiftResult: string
{
    case Tracks = 'tracks';
    case DoesNotRespond = 'does not respond';
    case Unclear = 'unclear';
    /** It answers, but with the other sign: the card's sign is wrong. */
    case Reversed = 'reversed';
    case ContradictsBoth = 'contradicts both';
}
