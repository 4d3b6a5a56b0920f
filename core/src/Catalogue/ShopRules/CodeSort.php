<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

/** What a trouble code means for a calibration (need J4). */
enum CodeSort: string
{
    case Blocking = 'blocking';
    case Related = 'related';
    case ExpectedBefore = 'expected-before';
    case Unrelated = 'unrelated';
    case Unsorted = 'unsorted';
}
