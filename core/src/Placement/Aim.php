<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

/** How well a deviation has to be known, mm or rad; null where nobody asks. */
final readonly class Aim
{
    /**
     * @param float|null $uncertainty standard, ≥ 0
     * @param float|null $hidden      what one slip may carry unseen, ≥ 0
     */
    public function __construct(public ?float $uncertainty, public ?float $hidden) {}
}
