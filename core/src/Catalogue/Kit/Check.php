<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

/** When an item of the kit was checked last, and when it is due again: dates as YYYY-MM-DD, or null where nobody knows. */
final readonly class Check
{
    /** Last and next may be null alone. */
    public function __construct(public ?string $last = null, public ?string $next = null) {}

    /** Whether the check is due: its date has passed, or it was never made although one is asked for. */
    public function isOverdue(string $today): bool
    {
        return $this->next !== null && $this->next < $today;
    }
}
