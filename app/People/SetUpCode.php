<?php

declare(strict_types=1);

namespace App\People;

use App\Failure\Refusal;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Message\Message;

/**
 * The one-time code that the set-up page asks for: whoever started Lumbro on this machine may make its first shop, and
 * nobody else who finds the page.
 */
final class SetUpCode
{
    /** So many wrong ones make it void. */
    private const TRIES = 10;

    /** Without those that are read as another. */
    private const LETTERS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';

    /** Whether there is no shop yet but one to practise in. */
    public static function isWanted(): bool
    {
        return Shop::query()->where('practice', false)->doesntExist();
    }

    /** A new code; the one before is void. */
    public static function make(): string
    {
        $code = '';
        for ($i = 0; $i < 12; $i++) {
            $code .= ($i > 0 && $i % 4 === 0 ? '-' : '') . self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
        }
        DB::table('set_up_codes')->upsert([['id' => 1, 'hash' => self::hash($code), 'tries' => 0, 'made_at' => now()]], ['id'], ['hash', 'tries', 'made_at']);

        return $code;
    }

    /**
     * Looks whether it is the code; a wrong one is counted, whatever becomes of the rest of the request.
     *
     * @throws Refusal where it is not, or is void
     */
    public static function check(string $typed): void
    {
        $row = DB::table('set_up_codes')->where('id', 1)->first();
        if ($row === null || $row->tries >= self::TRIES) {
            throw Refusal::field('/code', Message::of('set-up.code-void'));
        }
        if (! hash_equals((string) $row->hash, self::hash($typed))) {
            DB::table('set_up_codes')->where('id', 1)->increment('tries');

            throw Refusal::field('/code', Message::of('set-up.code-wrong'));
        }
    }

    /** Nobody needs it any more. */
    public static function spend(): void
    {
        DB::table('set_up_codes')->delete();
    }

    private static function hash(string $code): string
    {
        return hash('sha256', (string) preg_replace('/[^A-Z0-9]/', '', strtoupper($code)));
    }
}
