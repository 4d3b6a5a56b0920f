<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Whether the server can do its work, for whatever watches it. It says what is wrong and nothing about the shop. */
final class HealthController
{
    /** Free room, in bytes, below which nothing may be taken in any more, and below which somebody should make some. */
    private const FULL = 200_000_000;
    private const LOW = 2_000_000_000;

    /** Seconds by which a clock may differ from another, or a line come after now. */
    private const CLOCK = 60;

    public function __invoke(): JsonResponse
    {
        $checks = ['disk' => $this->disk()];
        try {
            $checks += ['database' => 'ok', 'clock' => $this->clock()];
        } catch (\Throwable) {
            $checks += ['database' => 'away', 'clock' => 'unknown'];
        }
        $isWell = array_diff($checks, ['ok', 'low']) === [];
        ksort($checks);

        return new JsonResponse(['status' => $isWell ? 'ok' : 'failing', 'checks' => $checks], $isWell ? 200 : 503, ['Cache-Control' => 'no-store']);
    }

    private function disk(): string
    {
        $free = disk_free_space(storage_path());

        return match (true) {
            $free === false => 'unknown',
            $free < self::FULL => 'full',
            $free < self::LOW => 'low',
            default => 'ok',
        };
    }

    /** By the database's clock and by the newest line of each shop: time that went back would put lines in a wrong order. */
    private function clock(): string
    {
        $found = DB::selectOne('select extract(epoch from clock_timestamp()) as now, (select max(extract(epoch from newest.recorded_at))
            from shops cross join lateral (select recorded_at from order_events where shop_id = shops.id and not shops.practice order by id desc limit 1) newest) as newest');
        $now = microtime(true);

        return abs((float) $found->now - $now) > self::CLOCK || (float) $found->newest > $now + self::CLOCK ? 'wrong' : 'ok';
    }
}
