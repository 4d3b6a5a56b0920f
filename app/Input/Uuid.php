<?php

declare(strict_types=1);

namespace App\Input;

use Lumbro\Core\Failure\InvalidInput;

/** Ids that clients make. */
final class Uuid
{
    /** @throws InvalidInput where it is no UUID of version 7 */
    public static function of(mixed $text, string $path): string
    {
        if (! is_string($text) || preg_match('/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/', $text) !== 1) {
            throw InvalidInput::because($path, 'request.uuid');
        }

        return $text;
    }
}
