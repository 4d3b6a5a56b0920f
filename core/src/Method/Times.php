<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

/** What a reading or a place is called when it is read once more: its own name with "-2" or "-3". */
final class Times
{
    /** A reading is taken so often at most. */
    public const MOST = 3;

    /** Its name without the time. */
    public static function once(string $name): string
    {
        return (string) preg_replace('/-[23]$/', '', $name);
    }

    /**
     * Its name for each time, the first without a number.
     *
     * @return list<string>
     */
    public static function all(string $once): array
    {
        return [$once, ...array_map(static fn(int $time): string => "$once-$time", range(2, self::MOST))];
    }
}
