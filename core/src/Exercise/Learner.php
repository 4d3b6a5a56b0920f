<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

/** Somebody who works at a simulated car by a rule of their own. */
enum Learner: string
{
    /** Does what is said, whatever it takes. */
    case Follows = 'follows-advice';

    /** Goes on where readings contradict each other. */
    case Ignores = 'ignores-contradictions';

    /** Takes everything once, and the first figure for the truth. */
    case Once = 'measures-nothing-twice';
}
