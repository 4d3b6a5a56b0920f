<?php

declare(strict_types=1);

namespace App\Queue;

use Illuminate\Support\Facades\DB;

/** What a worker held that is gone goes back to those that wait. */
final class Lost
{
    /** Seconds between two looks. */
    private const EVERY = 5.0;

    /** To be called as often as a worker likes; it looks from time to time. */
    public static function look(): void
    {
        static $looked = 0.0;
        if (microtime(true) - $looked < self::EVERY) {
            return;
        }
        $looked = microtime(true);
        $alive = Beat::alive();
        foreach (DB::table('chores')->where('state', Chore::RUNNING)->whereNotIn('worker', $alive)->get(['shop_id', 'id']) as $row) {
            Chore::find($row->shop_id, $row->id)?->giveBack();
            DB::table('jobs')->whereNotNull('reserved_at')->where('payload', 'like', "%$row->id%")->update(['reserved_at' => null]);
        }
    }
}
