<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

/** What of the stand coarse guesses stand in for, until readings say it. */
enum Guess
{
    case Nothing;

    /** Only how it is turned: a target that is placed by range and bearing waits for no yaw. */
    case Yaw;

    case Place;
}
