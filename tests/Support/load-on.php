<?php

declare(strict_types=1);

/*
 * Sends one kind of large file to a server again and again, as somebody does who waits for each: a line for each that was taken in,
 * with the status of its answer and the seconds that it took. usage: php load-on.php ADDRESS drawing|track|archive ORDER LOG
 */

use Illuminate\Support\Str;
use Lumbro\Core\Evidence\Seal;
use Tests\Support\ApiClient;

require __DIR__ . '/../../vendor/autoload.php';

ini_set('memory_limit', '1G');
[, $address, $kind, $order, $log] = $argv;
$api = new ApiClient($address);
$kind === 'drawing' ? $api->signIn('oda@copperlane.example', 'chalk-and-brass') : $api->signIn('fenna@copperlane.example', 'ink-and-paper');

/** Squares of four lines each, in no order. */
$drawing = static function (int $lines): string {
    $drawn = [];
    for ($i = 0; $i < $lines / 4; $i++) {
        [$x, $y] = [50 * ($i % 100), 50 * intdiv($i, 100)];
        foreach ([[0, 0, 40, 0], [40, 0, 40, 40], [40, 40, 0, 40], [0, 40, 0, 0]] as [$a, $b, $c, $d]) {
            $drawn[] = sprintf("0\nLINE\n8\n0\n10\n%d\n20\n%d\n11\n%d\n21\n%d\n", $x + $a, $y + $b, $x + $c, $y + $d);
        }
    }
    mt_srand(7);
    shuffle($drawn);

    return "0\nSECTION\n2\nENTITIES\n" . implode('', $drawn) . "0\nENDSEC\n0\nEOF\n";
};
/** A drive of so many points, a tenth of a second apart, in one direction. */
$track = static function (int $points): string {
    $said = '<gpx version="1.1"><trk><trkseg>';
    for ($i = 0; $i < $points; $i++) {
        $said .= sprintf('<trkpt lat="%.7f" lon="9.0000000"><time>%s.%dZ</time></trkpt>', 50 + $i * 1.5e-5, gmdate('Y-m-d\TH:i:s', 1_781_000_000 + intdiv($i, 10)), $i % 10);
    }

    return "$said</trkseg></trk></gpx>";
};
/** The order's own archive, with photos that make it as large as one may be. */
$archive = static function () use ($api, $order): string {
    $api->get("/api/repair-orders/$order/archive.json");
    $document = json_decode($api->body, false, 128, JSON_THROW_ON_ERROR);
    mt_srand(7);
    for ($i = 0; $i < 12; $i++) {
        $bytes = '';
        while (strlen($bytes) < 3_100_000) {
            $bytes .= pack('V', mt_rand()) . str_repeat(chr($i), 60);
        }
        $hash = hash('sha256', $bytes);
        $document->content->photos[] = (object) ['id' => (string) Str::uuid7(), 'hash' => $hash, 'about' => 'car', 'sensor' => null, 'type' => 'image/jpeg', 'person' => 'Fenna Ostrel', 'at' => '2026-11-29T10:00:00.000Z'];
        $document->files->{$hash} = base64_encode($bytes);
    }
    $document->seal->hash = Seal::of($document->content)->hash;
    $document->seal->signature = null;

    return json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
};
$body = match ($kind) {
    'drawing' => $drawing(20_000),
    'track' => $track(200_000),
    'archive' => $archive(),
    default => throw new InvalidArgumentException($kind),
};
file_put_contents($log, sprintf("# %s: %.1f MB\n", $kind, strlen($body) / 1e6), FILE_APPEND);
for (;;) {
    $id = (string) Str::uuid7();
    $path = match ($kind) {
        'drawing' => '/api/bay-outlines',
        'track' => "/api/repair-orders/$order/drives?" . http_build_query(['id' => $id, 'version' => $api->get("/api/repair-orders/$order")[1]['version'] ?? 0, 'driver' => 'Fenna Ostrel', 'name' => 'drive.gpx']),
        'archive' => "/api/archives?id=$id",
    };
    $began = microtime(true);
    [$status, $chore] = $api->later('POST', $path, $body);
    if ($status === 202) {
        $api->ended($chore['id']);
        [$status] = $api->get("/api/chores/{$chore['id']}/answer");
    }
    file_put_contents($log, sprintf("%s %d %.2f\n", $kind, $status, microtime(true) - $began), FILE_APPEND);
}
