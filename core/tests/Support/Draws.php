<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

/** How often a Monte-Carlo test draws: few on every push, all of them with `./lumbro test --long`. */
final class Draws
{
    public static function of(int $long, int $short): int
    {
        return self::areLong() ? $long : $short;
    }

    public static function areLong(): bool
    {
        return getenv('LUMBRO_LONG') === '1';
    }
}
