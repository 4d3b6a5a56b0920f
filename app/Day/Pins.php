<?php

declare(strict_types=1);

namespace App\Day;

use App\Records\ShopClock;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Day\Pin;

/** What somebody fixed by hand: no plan changes it. */
final class Pins
{
    /** @return array<string, Pin> stage → what is fixed of it */
    public static function of(string $shop, ShopClock $clock): array
    {
        $pins = [];
        foreach (DB::table('day_pins')->where('shop_id', $shop)->get() as $row) {
            $pins[(string) $row->stage] = new Pin($row->at_hour === null ? null : $clock->wall($row->at_hour), $row->user_id, $row->bay_id);
        }

        return $pins;
    }
}
