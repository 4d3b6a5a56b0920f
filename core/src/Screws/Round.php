<?php

declare(strict_types=1);

namespace Lumbro\Core\Screws;

/** One round of adjusting that was made: the clockwise turns of both screws, and the axis before and after. */
final readonly class Round
{
    /** @param array{float, float} $turns */
    public function __construct(public array $turns, public AxisPair $before, public AxisPair $after) {}
}
