<?php

declare(strict_types=1);

namespace App\Queue;

/** A sign of life of each worker: a file that it touches while it waits and while it works. */
final class Beat
{
    /** Seconds without a sign after which a worker counts as gone. */
    public const SILENT = 15;

    private const DAY = 86_400;

    /** A worker's own name, which no later one has. */
    public static function name(): string
    {
        static $name = null;

        return $name ??= getmypid() . '-' . bin2hex(random_bytes(4));
    }

    public static function touch(): void
    {
        $folder = self::folder();
        is_dir($folder) || @mkdir($folder, 0o770, true);
        touch("$folder/" . self::name());
    }

    /** Whether any worker is there. */
    public static function isAlive(): bool
    {
        return self::alive() !== [];
    }

    /** @return list<string> names of the workers that are there */
    public static function alive(): array
    {
        clearstatcache();
        $alive = [];
        foreach (glob(self::folder() . '/*') ?: [] as $file) {
            $age = time() - (int) @filemtime($file);
            if ($age <= self::SILENT) {
                $alive[] = basename($file);
            } elseif ($age > self::DAY) {
                @unlink($file);
            }
        }

        return $alive;
    }

    private static function folder(): string
    {
        return storage_path('workers');
    }
}
