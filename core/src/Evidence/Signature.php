<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** Ed25519 (RFC 8032) over entries of a seal book. Keys are written in base64url without padding: 43 characters. */
final class Signature
{
    /** Keeps a signature of an entry from being one of anything else. */
    private const PURPOSE = "lumbro-entry/1\n";

    /**
     * @param string $seed 32 bytes, the secret
     *
     * @return string the public key that belongs to it
     */
    public static function publicKey(#[\SensitiveParameter] string $seed): string
    {
        return self::written(sodium_crypto_sign_publickey(sodium_crypto_sign_seed_keypair(self::of32($seed))));
    }

    /**
     * @param string $seed 32 bytes, the secret
     *
     * @return string the signature, base64
     */
    public static function of(BookEntry $entry, #[\SensitiveParameter] string $seed): string
    {
        $secret = sodium_crypto_sign_secretkey(sodium_crypto_sign_seed_keypair(self::of32($seed)));

        return base64_encode(sodium_crypto_sign_detached(self::PURPOSE . $entry->canonical(), $secret));
    }

    /** Whether the signature is the entry's, by the key the entry names. */
    public static function fits(BookEntry $entry, string $signature): bool
    {
        $bytes = base64_decode($signature, true);
        $key = base64_decode(strtr($entry->key, '-_', '+/'), true);

        return $bytes !== false && strlen($bytes) === SODIUM_CRYPTO_SIGN_BYTES && base64_encode($bytes) === $signature
            && $key !== false && strlen($key) === SODIUM_CRYPTO_SIGN_PUBLICKEYBYTES
            && sodium_crypto_sign_verify_detached($bytes, self::PURPOSE . $entry->canonical(), $key);
    }

    /** @throws InvalidInput where it is no public key */
    public static function key(Node $node): string
    {
        $key = $node->line(60);

        return self::isKey($key) ? $key : throw InvalidInput::because($node->path(), 'book.no-key');
    }

    /** Whether a text is a public key as they are written here. */
    public static function isKey(string $text): bool
    {
        return preg_match('/^[A-Za-z0-9_-]{43}$/', $text) === 1 && self::written((string) base64_decode(strtr($text, '-_', '+/'), true)) === $text;
    }

    private static function written(string $bytes): string
    {
        return rtrim(strtr(base64_encode($bytes), '+/', '-_'), '=');
    }

    /** @return non-empty-string */
    private static function of32(#[\SensitiveParameter] string $seed): string
    {
        return strlen($seed) === SODIUM_CRYPTO_SIGN_SEEDBYTES ? $seed : throw new \LengthException();
    }
}
