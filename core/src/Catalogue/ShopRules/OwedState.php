<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

/** Whether a sensor is owed a calibration. */
enum OwedState: string
{
    case Owed = 'owed';
    case NotOwed = 'not-owed';
    case Unknown = 'unknown';
}
