<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Survey\Hidden;

/** What one slip could do to an axis and not show (need J43). */
final readonly class Guard
{
    /** @param float|null $limit what may hide at most before the run, degrees; null where the card does not limit the axis or frees it of placement */
    public function __construct(public Hidden $hidden, public ?float $limit) {}

    /** How far the largest slip that would not show carries the axis, degrees; null where nothing bounds one. */
    public function largest(): ?float
    {
        return $this->hidden->largest === null ? null : rad2deg($this->hidden->largest);
    }

    /** Whether that is within what may hide; true where nothing limits it. */
    public function holds(): bool
    {
        return $this->limit === null || $this->hidden->isWithin(deg2rad($this->limit));
    }
}
