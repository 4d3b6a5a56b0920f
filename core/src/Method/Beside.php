<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

/** Which readings two people can take at the same time without getting in each other's way. */
final class Beside
{
    /**
     * @param Call $one
     * @param Call $other
     * @param bool $isSpare whether the kit has a second instrument that one of them could be taken with
     */
    public static function can(Call $one, Call $other, bool $isSpare): bool
    {
        return self::first($one)->id !== self::first($other)->id
            && ($one->instrument !== $other->instrument || $isSpare)
            // Two hands at one point: one of them moves what the other reads.
            && array_intersect(self::points($one), self::points($other)) === [];
    }

    /** A reading that is taken once more is still that reading. */
    private static function first(Call $call): Call
    {
        return $call->details->of === null ? $call : self::first($call->details->of);
    }

    /** @return list<string> where somebody stands or holds something */
    private static function points(Call $call): array
    {
        return match ($call->trace?->kind) {
            null => [],
            // It is held to its point; the line is only seen to pass it.
            'rule' => [$call->trace->to],
            default => [$call->trace->from, $call->trace->to],
        };
    }
}
