<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Survey\Hidden;

/** What one slip could do to an axis and not show, and the further reading that would leave least of it (need J43). */
final class Guard
{
    /** @var array{id: string, largest: float|null, unbounded: int}|null */
    private ?array $best = null;

    private bool $sought = false;

    /**
     * @param float|null $limit what may hide at most before the run, degrees; null where the card does not limit the axis or frees it of placement
     * @param \Closure(): (array{id: string, largest: float|null, unbounded: int}|null) $seek
     */
    public function __construct(public readonly Hidden $hidden, public readonly ?float $limit, private readonly \Closure $seek) {}

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

    /**
     * The reading that would leave least hidden.
     *
     * @return array{id: string, largest: float|null, unbounded: int}|null degrees; null where none is left
     */
    public function best(): ?array
    {
        if (! $this->sought) {
            $this->sought = true;
            $best = ($this->seek)();
            $this->best = $best === null ? null : ['id' => $best['id'], 'largest' => $best['largest'] === null ? null : rad2deg($best['largest']), 'unbounded' => $best['unbounded']];
        }

        return $this->best;
    }
}
