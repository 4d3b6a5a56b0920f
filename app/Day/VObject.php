<?php

declare(strict_types=1);

namespace App\Day;

/** The calendar library is older than this PHP: what it says about its own return types is nobody's concern here. */
final class VObject
{
    /**
     * @template T
     *
     * @param callable(): T $do
     *
     * @return T
     */
    public static function quietly(callable $do): mixed
    {
        set_error_handler(static fn(): bool => true, E_DEPRECATED);
        try {
            return $do();
        } finally {
            restore_error_handler();
        }
    }
}
