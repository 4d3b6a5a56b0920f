<?php

declare(strict_types=1);

namespace App\Live;

use Illuminate\Support\Facades\DB;

/**
 * Tells whoever watches a repair order that something of it is new. Sent by the database once the change is kept, and not
 * at all where it is not; it says what changed, never what it says now.
 */
final class News
{
    /** The database's channel (PostgreSQL 15, NOTIFY). */
    public const CHANNEL = 'lumbro_news';

    /**
     * Lines were added: of a task, or of the whole car where it is the order's own id.
     *
     * @param int $version what it has come to; 0 where something else changed than its lines
     */
    public static function lines(string $order, string $of, int $version): void
    {
        self::tell($order, 'lines', "$of $version");
    }

    /** Who measures what has changed. */
    public static function held(string $order, string $task): void
    {
        self::tell($order, 'held', $task);
    }

    private static function tell(string $order, string $event, string $data): void
    {
        DB::select('select pg_notify(?, ?)', [self::CHANNEL, "$order $event $data"]);
    }
}
