<?php

declare(strict_types=1);

namespace Lumbro\Core\Work;

/** The stages of a repair order, in the order of work. */
enum Stage: string
{
    case Intake = 'intake';
    case Prepare = 'prepare';
    case Floor = 'floor';
    case Line = 'line';
    case Place = 'place';
    case Run = 'run';
    case Prove = 'prove';
    case Close = 'close';
}
