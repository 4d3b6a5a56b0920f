<?php

declare(strict_types=1);

namespace App\Watch;

use App\Queue\Beat;
use App\Queue\Chore;
use Illuminate\Support\Facades\DB;

/** How the installation stands: what its work needs, and what would save it. Each answer is a word a program can read. */
final readonly class Checks
{
    /** Free room, in bytes, below which nothing may be taken in any more, and below which somebody should make some. */
    private const FULL = 200_000_000;
    private const LOW = 2_000_000_000;

    /** Seconds by which a clock may differ from another, or a line come after now. */
    private const CLOCK = 60;

    /** A night and half a day: seconds after which a backup is too old. */
    private const BACKUP = 36 * 3600;

    /** Seconds that something may wait for a worker. */
    private const WAITS = 60;

    /** A month, in seconds: a certificate that ends sooner should have been renewed. */
    private const CERTIFICATE = 30 * 86_400;

    /** @return array{state: string, free: int, of: int} "ok", "low", "full" or "unknown"; bytes */
    public static function disk(): array
    {
        $folder = self::fullest();
        $free = @disk_free_space($folder);

        return [
            'state' => match (true) {
                $free === false => 'unknown',
                $free < self::FULL => 'full',
                $free < self::LOW => 'low',
                default => 'ok',
            },
            'free' => (int) $free,
            'of' => (int) @disk_total_space($folder),
        ];
    }

    /** Of the folders that grow, each of which may be a disk of its own, the one that has the least room. */
    private static function fullest(): string
    {
        $room = [];
        foreach ([base_path(), base_path('var'), (string) config('lumbro.photos'), (string) config('lumbro.data')] as $folder) {
            $free = $folder === '' ? false : @disk_free_space($folder);
            if ($free !== false) {
                $room[$folder] = $free;
            }
        }
        asort($room);

        return (string) (array_key_first($room) ?? base_path());
    }

    /** By the database's clock and by the newest line of each shop: time that went back would put lines in a wrong order. */
    public static function clock(): string
    {
        $found = DB::selectOne('select extract(epoch from clock_timestamp()) as now, (select max(extract(epoch from newest.recorded_at))
            from shops cross join lateral (select recorded_at from order_events where shop_id = shops.id and not shops.practice order by id desc limit 1) newest) as newest');
        $now = microtime(true);

        return abs((float) $found->now - $now) > self::CLOCK || (float) $found->newest > $now + self::CLOCK ? 'wrong' : 'ok';
    }

    /** @return string "ok", "stuck" where something waits too long, "none" where no worker is there */
    public static function queue(): string
    {
        if (! Beat::isAlive()) {
            return 'none';
        }

        return DB::table('chores')->where('state', Chore::WAITING)->where('asked_at', '<', gmdate('Y-m-d\TH:i:s\Z', time() - self::WAITS))->exists() ? 'stuck' : 'ok';
    }

    /** @return array{state: string, at: string|null} "ok", "old", "failed" or "none"; when the last one was proven */
    public static function backup(): array
    {
        $said = (string) @file_get_contents((string) config('lumbro.backup-state'));
        $at = preg_match('/^proven (\S+)$/m', $said, $match) === 1 ? $match[1] : null;

        return [
            'state' => match (true) {
                str_contains($said, "\nlast failed") => 'failed',
                $at === null => 'none',
                time() - (int) strtotime($at) > self::BACKUP => 'old',
                default => 'ok',
            },
            'at' => $at,
        ];
    }

    /** @return array{state: string, until: string|null} "none" where the server is reached from its own machine alone, "ok", "soon" or "over" */
    public static function certificate(): array
    {
        $file = (string) config('lumbro.certificate');
        $pem = $file === '' ? '' : (string) @file_get_contents($file);
        $read = $pem === '' ? false : openssl_x509_parse($pem);
        if ($read === false) {
            return ['state' => 'none', 'until' => null];
        }
        $left = (int) $read['validTo_time_t'] - time();

        return ['state' => $left < 0 ? 'over' : ($left < self::CERTIFICATE ? 'soon' : 'ok'), 'until' => gmdate('Y-m-d\TH:i:s\Z', (int) $read['validTo_time_t'])];
    }

    /** Whether the signing service can be reached at all. */
    public static function signing(): string
    {
        $service = @stream_socket_client('unix://' . config('lumbro.signer'), $code, $said, 1);
        if ($service === false) {
            return 'unreachable';
        }
        fclose($service);

        return 'ok';
    }
}
