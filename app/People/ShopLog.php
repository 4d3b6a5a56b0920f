<?php

declare(strict_types=1);

namespace App\People;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Who came in, and who changed who may do what or who may read what: lines that are only ever added, for leads to read. */
final class ShopLog
{
    public const SIGNED_IN = 'signed-in';
    public const SWITCHED = 'switched';
    public const REFUSED = 'refused';
    public const PASSWORD = 'password';
    public const SECOND_ON = 'second-on';
    public const SECOND_OFF = 'second-off';
    public const PIN = 'pin';
    public const LET_IN = 'let-in';
    public const ROLE = 'role';
    public const SHUT_OUT = 'shut-out';
    public const BACK = 'back';
    public const NEW_PASSWORD = 'new-password';
    public const LEADS = 'leads';
    public const LINK = 'link';
    public const LINK_ENDED = 'link-ended';
    public const RELEASED = 'released';
    public const REOPENED = 'reopened';
    public const HANDED_OVER = 'handed-over';
    public const ARCHIVE = 'archive';
    public const PAD = 'pad';

    /** @param string|null $about what or whom it was done to, in the words it was typed in */
    public static function note(string $kind, User $by, ?string $about = null): void
    {
        self::line($by->shop_id, $kind, $by->name, $about);
    }

    public static function line(string $shop, string $kind, string $person, ?string $about = null): void
    {
        $request = app()->runningInConsole() && ! app()->runningUnitTests() ? null : request();
        DB::table('shop_log')->insert([
            'shop_id' => $shop, 'id' => (string) Str::uuid7(), 'at' => (new \DateTimeImmutable('now', new \DateTimeZone('UTC')))->format('Y-m-d\TH:i:s.v\Z'),
            'kind' => $kind, 'person' => $person, 'about' => $about === null ? null : mb_substr($about, 0, 300), 'address' => $request?->ip(),
        ]);
    }
}
