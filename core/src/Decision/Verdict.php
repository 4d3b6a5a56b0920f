<?php

declare(strict_types=1);

namespace Lumbro\Core\Decision;

/** What may be said of a deviation against its tolerance. */
enum Verdict: string
{
    case Holds = 'holds';
    case Out = 'out';
    case Unproven = 'unproven';
}
