<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

/** A way the stand is moved. */
enum MoveKind: string
{
    case Turn = 'turn';
    case Shift = 'shift';
    case Height = 'height';
}
