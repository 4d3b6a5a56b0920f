<?php

declare(strict_types=1);

namespace App\People;

use App\Failure\Refusal;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;

/** The code from a telephone that is asked for beside the password, and the codes on paper for when the telephone is gone. */
final class SecondFactor
{
    private const RECOVERY = 10;

    private const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

    public static function isOn(User $user): bool
    {
        return $user->second_secret !== null;
    }

    /** Whether the shop asks for one, and this person has none yet. */
    public static function isDue(User $user): bool
    {
        return ! self::isOn($user) && $user->may(Act::People) && Shop::query()->findOrFail($user->shop_id)->leads_need_second;
    }

    /** Whether a code is this person's, off the telephone or off the paper; each is good once. */
    public static function accepts(User $user, string $typed): bool
    {
        $code = strtolower((string) preg_replace('/[\s-]+/', '', $typed));
        // One request at a time: two with the same code cannot both be let in.
        return DB::transaction(static function () use ($user, $code): bool {
            $row = DB::table('users')->where('shop_id', $user->shop_id)->where('id', $user->id)->lockForUpdate()->first(['second_secret', 'second_step', 'recovery']);
            if (! $row instanceof \stdClass || $row->second_secret === null) {
                return false;
            }
            $query = DB::table('users')->where('shop_id', $user->shop_id)->where('id', $user->id);
            try {
                $secret = Crypt::decryptString($row->second_secret);
            } catch (DecryptException) {
                // The application's key is another one: the paper still helps.
                $secret = null;
            }
            $step = $secret === null ? null : Totp::step($secret, $code, time(), (int) $row->second_step);
            if ($step !== null) {
                $query->update(['second_step' => $step]);

                return true;
            }
            $left = json_decode((string) $row->recovery, true);
            $left = is_array($left) ? $left : [];
            $hash = hash('sha256', $code);
            if (! in_array($hash, $left, true)) {
                return false;
            }
            $query->update(['recovery' => json_encode(array_values(array_diff($left, [$hash])), JSON_THROW_ON_ERROR)]);

            return true;
        });
    }

    /**
     * Puts it in force, once a code shows that the telephone has the secret.
     *
     * @return list<string> the recovery codes, told this once
     */
    public static function begin(User $user, string $secret, string $typed): array
    {
        $step = Totp::step($secret, (string) preg_replace('/\s+/', '', $typed), time(), 0);
        if ($step === null) {
            throw Refusal::field('/code', Message::of('second.wrong'));
        }
        $codes = [];
        for ($i = 0; $i < self::RECOVERY; $i++) {
            $letters = implode('', array_map(static fn(): string => self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)], range(1, 12)));
            $codes[] = implode('-', str_split($letters, 4));
        }
        $user->forceFill([
            'second_secret' => Crypt::encryptString($secret),
            'second_step' => $step,
            'recovery' => json_encode(array_map(static fn(string $code): string => hash('sha256', str_replace('-', '', $code)), $codes), JSON_THROW_ON_ERROR),
        ])->save();

        return $codes;
    }

    public static function end(User $user): void
    {
        $user->forceFill(['second_secret' => null, 'second_step' => 0, 'recovery' => null])->save();
    }

    public static function codesLeft(User $user): int
    {
        $left = json_decode((string) $user->recovery, true);

        return is_array($left) ? count($left) : 0;
    }
}
