<?php

declare(strict_types=1);

/*
 * A reading's round trip beside the least an authenticated request can be, on the served application.
 *
 * The two take turns on one kept connection, so that the machine's moods meet both alike. Times are the server's own
 * (the Server-Timing header), in ms; `wall` is what the client waited. One JSON line per route, then their ratio.
 */

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Tests\Support\ApiClient;
use Tests\Support\AppServer;
use Tests\Support\BenchTasks;
use Tests\Support\TestDatabase;

require __DIR__ . '/../vendor/autoload.php';

const ORDERS = 30;

/** Four schools in one survey: a task of thirty lines, and the readings that are timed on it. */
const SCHOOLS = ['plumb-and-line', 'split-from-stand', 'hub-marks', 'squares'];
const MANY = [
    'spot-offset' => '4 mm right', 'spot-along' => '1842', 'split' => '1 mm left', 'split-far' => '0', 'reach' => '1842', 'bar-left' => '2833', 'bar-right' => '2832',
    'cross-left' => '3398', 'cross-right' => '3396', 'check-left' => '2219', 'check-right' => '2218', 'diagonal-left' => '6029', 'diagonal-right' => '6030', 'hub-left' => '2863', 'hub-right' => '2862',
];
const READINGS = ['spot-offset' => '14 mm right', 'spot-along' => '1849', 'split' => '12 mm left', 'hub-left' => '2.877 m', 'hub-right' => '2861', 'split ' => '11 mm left', 'spot-along ' => '1848'];

$app = require __DIR__ . '/../bootstrap/app.php';
assert($app instanceof Application);
$app->make(Kernel::class)->bootstrap();
TestDatabase::create('lumbro_test_bench', $app);
$tasks = BenchTasks::of(TestDatabase::owner('lumbro_test_bench'), ORDERS);

$server = AppServer::start('lumbro_test_bench');
try {
    $api = (new ApiClient($server->address()))->signIn();
    $took = ['ping' => [], 'reading' => [], 'reading of 30' => []];
    $wall = $took;
    $time = static function (string $what, Closure $request) use ($api, &$took, &$wall): void {
        $began = hrtime(true);
        [$status, $document] = $request();
        $wall[$what][] = (hrtime(true) - $began) / 1e6;
        if ($status !== 200) {
            throw new RuntimeException("$what was answered with $status: " . json_encode($document));
        }
        $took[$what][] = (float) substr($api->headers['server-timing'], strlen('app;dur='));
    };
    $long = [];
    foreach ($tasks as $n => $task) {
        $version = 0;
        foreach (READINGS as $call => $typed) {
            $time('ping', static fn(): array => $api->get('/api/ping'));
            $time('reading', static function () use ($api, $task, &$version, $call, $typed): array {
                return $api->write($task, 'reading', $version++, ['call' => trim($call), 'typed' => $typed, 'confirmed' => true]);
            });
        }
        if ($n === 4) {
            // The workers are warm now; what came before does not count.
            $took = $wall = ['ping' => [], 'reading' => [], 'reading of 30' => []];
        }
        if ($n < 5) {
            // A task with many readings, worked up to thirty lines; what is timed is what comes then.
            $send = static function (string $what, array $body) use ($api, $task, &$version): array {
                return $api->write($task, $what, $version++, $body);
            };
            $send('schools', ['schools' => SCHOOLS]);
            foreach ([1, 2] as $round) {
                foreach (MANY as $call => $typed) {
                    if ($version < 30) {
                        $send('reading', ['call' => $call, 'typed' => $typed, 'confirmed' => true]);
                    }
                }
            }
            $long[] = [$task, $version];
        }
    }
    foreach (MANY as $call => $typed) {
        foreach ($long as [$task, &$seen]) {
            $time('ping', static fn(): array => $api->get('/api/ping'));
            $time('reading of 30', static function () use ($api, $task, &$seen, $call, $typed): array {
                return $api->write($task, 'reading', $seen++, ['call' => $call, 'typed' => $typed, 'confirmed' => true]);
            });
        }
        unset($seen);
    }
} finally {
    $server->down();
}

$at = static function (array $values, float $share): float {
    sort($values);

    return round($values[(int) floor($share * (count($values) - 1))], 2);
};
foreach (['ping', 'reading', 'reading of 30'] as $what) {
    echo json_encode([
        'route' => $what,
        'requests' => count($took[$what]),
        'median' => $at($took[$what], 0.5),
        'p95' => $at($took[$what], 0.95),
        'wallMedian' => $at($wall[$what], 0.5),
        'wallP95' => $at($wall[$what], 0.95),
    ]), "\n";
}
foreach (['reading', 'reading of 30'] as $what) {
    echo json_encode(['ratio' => "$what/ping", 'median' => round($at($took[$what], 0.5) / $at($took['ping'], 0.5), 2), 'p95' => round($at($took[$what], 0.95) / $at($took['ping'], 0.95), 2)]), "\n";
}
