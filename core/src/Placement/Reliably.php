<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

/** How far one slip may carry a deviation unseen before it no longer holds, and what bounds the slips of further readings. */
final readonly class Reliably
{
    /**
     * @param array<string, float> $limits deviation → mm or rad; one without a limit is told and held against nothing
     * @param array<string, float> $bounds id of a candidate → the largest error of it that could pass unseen, mm or rad
     */
    public function __construct(public array $limits = [], public array $bounds = []) {}
}
