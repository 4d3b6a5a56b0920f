<?php

declare(strict_types=1);

/*
 * The same shop with 1,000 and with 200,000 repair orders (six million readings): the Today page, searches while typing,
 * and histories, taking turns on both, so that the machine's moods meet both alike. Times are the server's own, in ms.
 * Ends with 1 where a 95th percentile is more than 1.5 times its figure at 1,000, or where a large table was read
 * without an index.
 */

use Database\Seeders\LargeShopSeeder;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Tests\Support\ApiClient;
use Tests\Support\AppServer;
use Tests\Support\TestDatabase;

require __DIR__ . '/../vendor/autoload.php';

const MOST = 1.5;
const ROUNDS = 120;
const TABLES = ['repair_orders', 'sensor_tasks', 'readings', 'record_events', 'order_events', 'sealed_records'];

$sizes = ['small' => 1_000, 'large' => (int) ($argv[1] ?? 200_000)];
$app = require __DIR__ . '/../bootstrap/app.php';
assert($app instanceof Application);
$app->make(Kernel::class)->bootstrap();
$shops = [];
foreach ($sizes as $name => $orders) {
    $database = "lumbro_test_$name";
    TestDatabase::create($database, $app);
    $began = hrtime(true);
    $app->make(LargeShopSeeder::class)->run($orders);
    $owner = TestDatabase::owner($database);
    $count = static fn(string $table): int => (int) ($owner->query("select count(*) from $table") ?: throw new RuntimeException('The database does not count.'))->fetchColumn();
    echo json_encode(['shop' => $name, 'orders' => $count('repair_orders'), 'readings' => $count('readings'), 'seeded' => round((hrtime(true) - $began) / 1e9), 'bytes' => (int) ($owner->query("select pg_database_size('$database')") ?: throw new RuntimeException())->fetchColumn()]), "\n";
    $shops[$name] = ['owner' => $owner, 'server' => AppServer::start($database), 'orders' => $orders];
}

/** What is asked in round $i of a shop with this many orders: another car each time, wherever it lies in the past. */
$routes = [
    'today' => static fn(int $i, int $n): string => '/api/repair-orders',
    'search, a number' => static fn(int $i, int $n): string => '/api/repair-orders?all=1&search=' . (300_000 + 1 + ($i * 7919) % $n),
    'search, a plate being typed' => static fn(int $i, int $n): string => '/api/repair-orders?all=1&search=' . urlencode('ls ' . substr((string) (1 + ($i * 104_729) % $n), 0, 1 + $i % 4)),
    'search, a serial number' => static fn(int $i, int $n): string => '/api/repair-orders?all=1&search=clr-' . (1 + ($i * 7919) % $n) . '-012',
    'search, the car of all' => static fn(int $i, int $n): string => '/api/repair-orders?all=1&search=' . urlencode(substr('quillon sable', 0, 1 + $i % 13)),
    'search, a VIN\'s end' => static fn(int $i, int $n): string => '/api/repair-orders?all=1&search=' . substr(sprintf('%011d', 1 + ($i * 7919) % $n), -6),
    'search, nothing found' => static fn(int $i, int $n): string => "/api/repair-orders?all=1&search=xyzzy$i",
    'records, all' => static fn(int $i, int $n): string => '/api/repair-orders?all=1',
    'history of a car' => static fn(int $i, int $n): string => '/api/history/car?plate=' . urlencode('LS ' . (1 + ($i * 7919) % $n) . ' Q'),
    'history of a sensor' => static fn(int $i, int $n): string => '/api/history/sensor?serial=CLR-' . (1 + ($i * 7919) % $n) . '-012',
];
$at = static function (array $values, float $share): float {
    sort($values);

    return $values[(int) floor($share * (count($values) - 1))];
};
$failed = false;
try {
    foreach ($shops as $name => $shop) {
        $shops[$name]['api'] = (new ApiClient($shop['server']->address()))->signIn();
    }
    $scans = static fn(PDO $owner): array => ($owner->query("select relname, seq_scan from pg_stat_user_tables where relname in ('" . implode("','", TABLES) . "')") ?: throw new RuntimeException())->fetchAll(PDO::FETCH_KEY_PAIR);
    foreach ($routes as $route => $path) {
        $took = ['small' => [], 'large' => []];
        // The workers and the database's cache are warm before anything counts.
        for ($i = -12; $i < ROUNDS; $i++) {
            if ($i === 0) {
                sleep(2);
                $before = $scans($shops['large']['owner']);
            }
            foreach ($shops as $name => $shop) {
                $api = $shop['api'];
                [$status] = $api->get($path($i + 1_000, $shop['orders']));
                if ($status !== 200) {
                    throw new RuntimeException("$route was answered with $status.");
                }
                if ($i >= 0) {
                    $took[$name][] = (float) substr($api->headers['server-timing'], strlen('app;dur='));
                }
            }
        }
        // Workers tell the statistics when they have been idle for a moment.
        sleep(2);
        $whole = array_keys(array_filter($scans($shops['large']['owner']), static fn(mixed $count, string $table): bool => $count > ($before[$table] ?? 0), ARRAY_FILTER_USE_BOTH));
        $ratio = $at($took['large'], 0.95) / $at($took['small'], 0.95);
        $fails = $ratio > MOST || $whole !== [];
        $failed = $failed || $fails;
        echo json_encode(['route' => $route, 'median' => [round($at($took['small'], 0.5), 2), round($at($took['large'], 0.5), 2)], 'p95' => [round($at($took['small'], 0.95), 2), round($at($took['large'], 0.95), 2)], 'ratio' => round($ratio, 2), 'readWhole' => $whole, 'holds' => ! $fails], JSON_UNESCAPED_SLASHES), "\n";
    }
} finally {
    foreach ($shops as $shop) {
        $shop['server']->down();
    }
}
exit($failed ? 1 : 0);
