<?php

declare(strict_types=1);

namespace App\Watch;

use App\Models\Shop;
use App\Reports\QrCode;
use App\Signing\SealBooks;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Version;

/** How the installation stands, for those who lead the shop: what is well, what somebody should see to, and how. */
final readonly class InstallationPage
{
    public function __construct(private SealBooks $books, private QrCode $qr) {}

    /** @return array{checks: list<array{id: string, state: string, isWell: bool, says: Message}>, versions: array<string, string>, key: string|null, head: string|null, network: array{address: string, qr: string, fingerprint: string|null}|null} */
    public function of(Shop $shop): array
    {
        $disk = Checks::disk();
        $backup = Checks::backup();
        $certificate = Checks::certificate();
        $unsigned = $this->books->unsigned($shop->id);
        $signing = $unsigned > 0 && Checks::signing() === 'ok' ? 'waiting' : Checks::signing();
        $last = $this->books->last($shop->id);
        $checks = [
            self::check('disk', $disk['state'], $disk['state'] === 'ok' ? ['gigabytes' => intdiv($disk['free'], 1_000_000_000), 'of' => intdiv($disk['of'], 1_000_000_000)] : ['free' => intdiv($disk['free'], 1_000_000)]),
            self::check('clock', Checks::clock(), []),
            // Nothing of a practice shop is worth keeping.
            ...($shop->practice ? [] : [self::check('backup', $backup['state'], ['at' => $backup['at'] === null ? 'none' : Quantity::day(substr($backup['at'], 0, 10))])]),
            self::check('queue', Checks::queue(), []),
            self::check('signing', $signing, ['count' => $unsigned]),
            self::check('certificate', $certificate['state'], $certificate['until'] === null ? [] : ['until' => Quantity::day(substr($certificate['until'], 0, 10))]),
        ];

        return [
            'checks' => $checks,
            'versions' => ['Lumbro' => Version::NUMBER, 'PHP' => PHP_VERSION, 'PostgreSQL' => (string) DB::scalar('show server_version')],
            'key' => $last === null ? null : ($last->says['next'] ?? $last->key),
            'head' => $last === null ? null : "$last->number:{$last->hash()}",
            'network' => $this->network(),
        ];
    }

    /** @return array{address: string, qr: string, fingerprint: string|null}|null how a tablet finds it, and learns to trust it */
    private function network(): ?array
    {
        $address = (string) config('lumbro.address');
        if ($address === '') {
            return null;
        }
        $authority = (string) @file_get_contents((string) config('lumbro.authority'));
        $print = $authority === '' ? false : openssl_x509_fingerprint($authority, 'sha256');

        return ['address' => $address, 'qr' => $this->qr->svg($address), 'fingerprint' => $print === false ? null : strtoupper(implode(':', str_split($print, 2)))];
    }

    /**
     * @param array<string, int|Quantity> $with
     *
     * @return array{id: string, state: string, isWell: bool, says: Message}
     */
    private static function check(string $id, string $state, array $with): array
    {
        return ['id' => $id, 'state' => $state, 'isWell' => $state === 'ok' || ($id === 'certificate' && $state === 'none'), 'says' => Message::of("installation.$id.$state", $with)];
    }
}
