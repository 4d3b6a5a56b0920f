<?php

declare(strict_types=1);

namespace App\Records;

/**
 * What was worked out once and comes out the same each time: a file under the hash of all that it depends on. Any of them may
 * be thrown away; it is worked out anew then.
 */
final class Kept
{
    /** Bytes that all of it may take; what was not asked for longest goes first. */
    private const MOST = 400_000_000;

    /** One in so many that are added looks whether there are too many. */
    private const LOOK = 20;

    /**
     * @param string            $what  what it is of: all that it depends on
     * @param \Closure(): string $make
     */
    public static function of(string $what, \Closure $make): string
    {
        $folder = storage_path('kept');
        $file = $folder . '/' . hash('sha256', $what);
        $found = @file_get_contents($file);
        if ($found !== false) {
            touch($file);

            return $found;
        }
        is_dir($folder) || @mkdir($folder, 0o770, true);
        // Whoever wants the same meanwhile waits for the first.
        $turn = fopen("$file.turn", 'cb');
        if ($turn === false) {
            return $make();
        }
        flock($turn, LOCK_EX);
        try {
            $found = @file_get_contents($file);
            if ($found !== false) {
                return $found;
            }
            $made = $make();
            // Where there is no room it is given all the same.
            if (@file_put_contents("$file.part", $made) === strlen($made)) {
                rename("$file.part", $file);
            } else {
                @unlink("$file.part");
            }
            if (random_int(1, self::LOOK) === 1) {
                self::prune($folder);
            }

            return $made;
        } finally {
            @unlink("$file.turn");
            fclose($turn);
        }
    }

    private static function prune(string $folder): void
    {
        $files = [];
        foreach (glob("$folder/*") ?: [] as $file) {
            $files[$file] = [(int) @filemtime($file), (int) @filesize($file)];
        }
        arsort($files);
        $size = 0;
        foreach ($files as $file => [, $bytes]) {
            $size += $bytes;
            if ($size > self::MOST) {
                @unlink($file);
            }
        }
    }
}
