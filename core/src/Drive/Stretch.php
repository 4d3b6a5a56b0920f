<?php

declare(strict_types=1);

namespace Lumbro\Core\Drive;

/** A part of a drive that counted, or that did not, and why. */
final readonly class Stretch
{
    /** Why a second does not count. */
    public const REASONS = ['too-slow', 'too-fast', 'turning', 'dark', 'low-sun', 'no-fix'];

    /**
     * @param float       $from   seconds since 1970-01-01 00:00 UTC
     * @param float       $to     the same
     * @param float       $metres driven meanwhile
     * @param string|null $reason one of REASONS; null where it counted
     */
    public function __construct(public float $from, public float $to, public float $metres, public ?string $reason) {}

    /** How long it lasted, s. */
    public function seconds(): float
    {
        return $this->to - $this->from;
    }
}
