<?php

declare(strict_types=1);

namespace App\People;

/** Codes by time, RFC 6238 with SHA-1, six digits and 30 seconds: what every application for such codes can do. */
final class Totp
{
    private const SECONDS = 30;

    private const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** Steps by which a telephone's clock may be off. */
    private const OFF = 1;

    /** A new secret of 160 bits, base32 (RFC 4648) without padding. */
    public static function secret(): string
    {
        return implode('', array_map(static fn(): string => self::LETTERS[random_int(0, 31)], range(1, 32)));
    }

    /** The six digits of a step: the number of half minutes since 1970. */
    public static function code(string $secret, int $step): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), self::bytes($secret), true);
        $unpacked = unpack('N', $hash, ord($hash[19]) & 15);

        return str_pad((string) (((is_array($unpacked) ? (int) $unpacked[1] : 0) & 0x7fffffff) % 1_000_000), 6, '0', STR_PAD_LEFT);
    }

    /**
     * The step whose code was typed.
     *
     * @param int $after the last step whose code was taken: none is good twice
     *
     * @return int|null null where it is no code of now
     */
    public static function step(string $secret, string $typed, int $now, int $after): ?int
    {
        $found = null;
        for ($step = intdiv($now, self::SECONDS) - self::OFF; $step <= intdiv($now, self::SECONDS) + self::OFF; $step++) {
            if (hash_equals(self::code($secret, $step), $typed) && $step > $after) {
                $found ??= $step;
            }
        }

        return $found;
    }

    /** The address that an application for codes reads off the screen. */
    public static function address(string $secret, string $account, string $shop): string
    {
        return 'otpauth://totp/' . rawurlencode("Lumbro $shop:$account") . '?' . http_build_query(['secret' => $secret, 'issuer' => "Lumbro $shop"], '', '&', PHP_QUERY_RFC3986);
    }

    private static function bytes(string $secret): string
    {
        $bits = '';
        foreach (str_split($secret) as $letter) {
            $bits .= str_pad(decbin((int) strpos(self::LETTERS, $letter)), 5, '0', STR_PAD_LEFT);
        }

        return implode('', array_map(static fn(string $byte): string => chr((int) bindec($byte)), str_split(substr($bits, 0, intdiv(strlen($bits), 8) * 8), 8)));
    }
}
