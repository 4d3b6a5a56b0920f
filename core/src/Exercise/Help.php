<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Message\Message;

/** How much a learner is helped. */
enum Help: string
{
    /** The screen's advice, as at a real car. */
    case Guided = 'guided';

    /** Advice when it is asked for, and counted. */
    case Asked = 'asked';

    /** No advice, no verdict and no suspicion before the answer. */
    case Alone = 'alone';

    /** What it means, in a line. */
    public function said(): Message
    {
        return Message::of("help.$this->value");
    }

    /** Whether verdicts are kept back until the learner has answered. */
    public function isHidden(): bool
    {
        return $this !== self::Guided;
    }
}
