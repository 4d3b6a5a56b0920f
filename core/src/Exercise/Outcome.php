<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

/** What a learner says of a sensor in the end. */
enum Outcome: string
{
    /** The axis is proven inside its limits. */
    case Holds = 'holds';

    /** Near the limit, and taken over by name. */
    case Accepted = 'accepted';

    /** The car goes back for a fault that cannot be put right here. */
    case SentBack = 'sent-back';

    /** Nothing can be said of it. */
    case Open = 'open';
}
