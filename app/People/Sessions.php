<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** The sessions in which people are signed in. */
final class Sessions
{
    /** Hours after which the password is asked for again, whatever was done meanwhile: a working day with overtime. */
    public const HOURS = 16;

    /** Marks a session as begun now. */
    public static function began(Request $request): void
    {
        $request->session()->put('began', time());
    }

    /** Whether a session has lasted longer than any may. */
    public static function isOver(Request $request): bool
    {
        $began = $request->session()->get('began');
        if (! is_int($began)) {
            self::began($request);

            return false;
        }

        return time() - $began > self::HOURS * 3600;
    }

    /** @return list<array{id: string, address: string, browser: string, at: string, isThis: bool}> a person's sessions, the latest first */
    public static function of(string $user, string $present): array
    {
        return array_values(DB::table('sessions')->where('user_id', $user)->orderByDesc('last_activity')->limit(50)->get(['id', 'ip_address', 'user_agent', 'last_activity'])
            ->map(static fn(\stdClass $row): array => [
                'id' => self::name($row->id), 'address' => (string) $row->ip_address, 'browser' => mb_substr((string) $row->user_agent, 0, 200),
                'at' => gmdate('Y-m-d\TH:i:s\Z', (int) $row->last_activity), 'isThis' => $row->id === $present,
            ])->all());
    }

    /** Ends one session of a person; false where there is none of that name. */
    public static function end(string $user, string $name): bool
    {
        foreach (DB::table('sessions')->where('user_id', $user)->pluck('id') as $id) {
            if (hash_equals(self::name((string) $id), $name)) {
                return DB::table('sessions')->where('id', $id)->delete() === 1;
            }
        }

        return false;
    }

    /** What a session is called on screens: whoever reads it cannot use it. */
    public static function name(string $id): string
    {
        return substr(hash('sha256', $id), 0, 24);
    }

    /** @return int how many of a person's sessions were ended; the one that is to stay is not among them */
    public static function endOf(string $user, ?string $but = null): int
    {
        return DB::table('sessions')->where('user_id', $user)->when($but !== null, static fn($query) => $query->where('id', '<>', $but))->delete();
    }
}
