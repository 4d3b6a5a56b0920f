<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Support\Facades\DB;

/** The sessions in which people are signed in. */
final class Sessions
{
    /** @return int how many of a person's sessions were ended; the one that is to stay is not among them */
    public static function endOf(string $user, ?string $but = null): int
    {
        return DB::table('sessions')->where('user_id', $user)->when($but !== null, static fn($query) => $query->where('id', '<>', $but))->delete();
    }
}
