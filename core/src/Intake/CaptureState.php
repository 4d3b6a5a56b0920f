<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

/** How it stands with something to be captured. */
enum CaptureState: string
{
    /** The cover is off: now. */
    case Now = 'now';
    /** The cover is on and comes off later. */
    case Later = 'later';
    /** The cover went back on without it. */
    case Missed = 'missed';
    case Had = 'had';
    /** Somebody said why it cannot be had. */
    case CannotBeHad = 'cannot-be-had';
}
