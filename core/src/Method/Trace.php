<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

/** Where a tape, a beam or a rule goes on the plan, between two of its points. */
final readonly class Trace
{
    private function __construct(public string $kind, public string $from, public string $to) {}

    /** A tape from one point to another. */
    public static function tape(string $from, string $to): self
    {
        return new self('tape', $from, $to);
    }

    /** A tape along the line, from the foot of one point to that of the other. */
    public static function along(string $from, string $to): self
    {
        return new self('along', $from, $to);
    }

    /** A laser beam from one point towards another. */
    public static function beam(string $from, string $to): self
    {
        return new self('beam', $from, $to);
    }

    /** A beam and its mirrored return. */
    public static function mirrored(string $from, string $to): self
    {
        return new self('return', $from, $to);
    }

    /** A rule from the line to a point. */
    public static function rule(string $from, string $to): self
    {
        return new self('rule', $from, $to);
    }
}
