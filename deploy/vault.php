<?php

declare(strict_types=1);

// vault.php lock|unlock: standard input to standard output, under the key in BACKUP_KEY (64 hexadecimal digits).
// vault.php paper: the key as a recovery sheet prints it. vault.php typed: a key off the sheet, on standard input, as digits again.
// Locked is XChaCha20-Poly1305 in pieces (libsodium's secretstream): a piece that is changed, moved, left out or cut off is found.

const MAGIC = "lumbro-backup/2\n";
const PIECE = 1 << 16;
const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
const WRONG_KEY = 3;
const CHANGED = 2;

function quit(int $status, string $said): never
{
    fwrite(STDERR, "$said\n");
    exit($status);
}

/** What tells one key from another without telling the key. */
function mark(string $key): string
{
    return substr(hash('sha256', "lumbro backup key\n" . $key, true), 0, 8);
}

/** @param int<1, max> $bytes */
function piece(int $bytes): string
{
    $read = '';
    while (strlen($read) < $bytes && ! feof(STDIN)) {
        $read .= (string) fread(STDIN, $bytes - strlen($read));
    }

    return $read;
}

function put(string $bytes): void
{
    for ($sent = 0; $sent < strlen($bytes); $sent += $wrote) {
        $wrote = fwrite(STDOUT, substr($bytes, $sent));
        if ($wrote === false || $wrote === 0) {
            quit(1, 'It could not be written: is the disk full?');
        }
    }
}

function lock(string $key): void
{
    [$state, $header] = sodium_crypto_secretstream_xchacha20poly1305_init_push($key);
    put(MAGIC . mark($key) . $header);
    $next = piece(PIECE);
    do {
        $piece = $next;
        $next = piece(PIECE);
        $isLast = $next === '';
        put(sodium_crypto_secretstream_xchacha20poly1305_push($state, $piece, '', $isLast ? SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL : SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE));
    } while (! $isLast);
}

function unlock(string $key): void
{
    if (piece(strlen(MAGIC)) !== MAGIC) {
        quit(CHANGED, 'It is no backup of Lumbro.');
    }
    if (! hash_equals(mark($key), piece(8))) {
        quit(WRONG_KEY, 'It was locked with another key.');
    }
    $header = piece(SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES);
    if (strlen($header) !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES) {
        quit(CHANGED, 'It was changed or is not whole.');
    }
    $state = sodium_crypto_secretstream_xchacha20poly1305_init_pull($header, $key);
    do {
        $piece = piece(PIECE + SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES);
        $opened = $piece === '' ? false : sodium_crypto_secretstream_xchacha20poly1305_pull($state, $piece);
        if ($opened === false) {
            quit(CHANGED, 'It was changed or is not whole.');
        }
        [$bytes, $tag] = $opened;
        put($bytes);
    } while ($tag !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL);
    if (piece(1) !== '') {
        quit(CHANGED, 'It was changed: something was put behind it.');
    }
}

/** In groups of four, with four characters at the end that tell a slip of the pen. */
function paper(string $key): string
{
    $bits = '';
    foreach (str_split($key . substr(hash('sha256', $key, true), 0, 3)) as $byte) {
        $bits .= str_pad(decbin(ord($byte)), 8, '0', STR_PAD_LEFT);
    }
    $text = implode('', array_map(static fn(string $five): string => LETTERS[(int) bindec($five)], str_split($bits, 5)));

    return implode('-', str_split($text, 4));
}

function typed(string $text): string
{
    // What people take for one another by hand is one.
    $plain = strtr(strtoupper((string) preg_replace('/[\s-]+/', '', $text)), ['O' => '0', 'I' => '1', 'L' => '1']);
    if (strlen($plain) !== 56 || strspn($plain, LETTERS) !== 56) {
        quit(CHANGED, 'A recovery key has 14 groups of four letters and digits.');
    }
    $bits = implode('', array_map(static fn(string $one): string => str_pad(decbin((int) strpos(LETTERS, $one)), 5, '0', STR_PAD_LEFT), str_split($plain)));
    $bytes = implode('', array_map(static fn(string $byte): string => chr((int) bindec($byte)), str_split($bits, 8)));
    $key = substr($bytes, 0, 32);

    return hash_equals(substr(hash('sha256', $key, true), 0, 3), substr($bytes, 32)) ? $key : quit(CHANGED, 'A letter of the recovery key is wrong: its last group does not fit the rest.');
}

$do = $argv[1] ?? '';
if ($do === 'typed') {
    echo bin2hex(typed((string) stream_get_contents(STDIN))), "\n";
    exit(0);
}
$hex = (string) getenv('BACKUP_KEY');
if (preg_match('/^[0-9a-f]{64}$/D', $hex) !== 1) {
    quit(WRONG_KEY, 'There is no backup key.');
}
match ($do) {
    'lock' => lock((string) hex2bin($hex)),
    'unlock' => unlock((string) hex2bin($hex)),
    'paper' => print(paper((string) hex2bin($hex)) . "\n"),
    default => quit(2, 'usage: vault.php lock|unlock|paper|typed'),
};
