<?php

declare(strict_types=1);

namespace App\Photos;

/** Photos as files named by the hash of their bytes: the same picture twice is one file. */
final class PhotoStore
{
    public static function keep(PhotoBytes $photo): void
    {
        self::write(self::path($photo->hash()), $photo->bytes);
        self::write(self::path($photo->hash()) . '.small', $photo->thumbnail);
    }

    /** @return string|null the bytes; null where the file is gone */
    public static function read(string $hash, bool $small): ?string
    {
        $bytes = @file_get_contents(self::path($hash) . ($small ? '.small' : ''));

        return $bytes === false ? null : $bytes;
    }

    private static function write(string $path, string $bytes): void
    {
        if (is_file($path)) {
            return;
        }
        @mkdir(dirname($path), 0o770, true);
        // Whole or not at all: a power cut leaves no half picture under its name.
        $part = $path . '.' . bin2hex(random_bytes(6));
        if (file_put_contents($part, $bytes) !== strlen($bytes) || ! rename($part, $path)) {
            throw new \RuntimeException('The photo could not be written.');
        }
    }

    private static function path(string $hash): string
    {
        return config('lumbro.photos') . '/' . substr($hash, 0, 2) . '/' . $hash;
    }
}
