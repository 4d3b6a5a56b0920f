<?php

declare(strict_types=1);

/*
 * How long the first screen takes from a cold cache on a tablet: a processor slowed four times, 10 Mbit/s with 40 ms. With another
 * server's address, where the demo shop stands too, the two take turns: what another state of the application took.
 *
 * One JSON line each with ms in the middle until orders are shown and the page answers to a press, until the application stands
 * behind them, how long a press waits at most between the two, and the bytes that came; then their ratio.
 *
 * Usage: ./lumbro bench --first [ADDRESS]
 */

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Tests\Support\AppServer;
use Tests\Support\Browser;
use Tests\Support\TestDatabase;

require __DIR__ . '/../vendor/autoload.php';

const ROUNDS = 9;
/** Set before anything of the page runs: when an order is there and the page is free to answer a press, and what comes after that. */
const WATCH = <<<'JS'
    const look = () => document.querySelector('main a[href^="/orders/"]:not([href="/orders/new"])') === null ? setTimeout(look, 5) : setTimeout(() => (window.shown = performance.now()));
    look();
    const stands = (last) => {
        const now = performance.now();
        if (window.shown !== undefined) window.waits = Math.max(window.waits ?? 0, now - Math.max(last, window.shown));
        if (window.shown !== undefined && document.querySelector('#search') !== null) window.stands = now;
        else setTimeout(() => stands(now), 5);
    };
    stands(0);
    JS;

$app = require __DIR__ . '/../bootstrap/app.php';
assert($app instanceof Application);
$app->make(Kernel::class)->bootstrap();
TestDatabase::create('lumbro_test_bench', $app);
$server = AppServer::start('lumbro_test_bench');
$middle = static function (array $values): float {
    sort($values);

    return round($values[intdiv(count($values), 2)], 1);
};
/** @return array{float, float, float, int} ms until it is shown and until it stands, ms that a press waits between, and bytes */
$open = static function (string $address): array {
    $browser = Browser::open($address);
    try {
        $browser->visit('/');
        $browser->signIn('ilse@copperlane.example', 'plumb-and-line');
        $browser->find('#search');
        $tools = new ChromeDevToolsDriver($browser->driver);
        // As on the first visit: nothing is kept of the one that signed in.
        $browser->driver->executeAsyncScript('const done = arguments[0]; (async () => { for (const one of await navigator.serviceWorker.getRegistrations()) await one.unregister(); for (const name of await caches.keys()) await caches.delete(name); done(); })()');
        $tools->execute('Page.navigate', ['url' => 'about:blank']);
        $tools->execute('Network.enable');
        $tools->execute('Network.clearBrowserCache');
        $tools->execute('Network.emulateNetworkConditions', ['offline' => false, 'latency' => 40, 'downloadThroughput' => 1_250_000, 'uploadThroughput' => 1_250_000]);
        $tools->execute('Emulation.setCPUThrottlingRate', ['rate' => 4]);
        $tools->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => WATCH]);
        $browser->visit('/');
        $browser->until('window.stands !== undefined');
        [$shown, $stands, $waits, $bytes] = $browser->driver->executeScript('const files = performance.getEntriesByType("resource").filter((one) => one.responseEnd < window.shown); return [window.shown, window.stands, window.waits, files.reduce((sum, one) => sum + one.encodedBodySize, 0)]');

        return [(float) $shown, (float) $stands, (float) $waits, (int) $bytes];
    } finally {
        $browser->close();
    }
};
try {
    $addresses = array_filter(['now' => $server->address(), 'other' => rtrim($argv[1] ?? '', '/')]);
    $took = [];
    for ($round = 0; $round < ROUNDS; $round++) {
        foreach ($addresses as $which => $address) {
            $took[$which][] = $open($address);
        }
    }
    $ms = [];
    foreach ($took as $which => $rounds) {
        $ms[$which] = $middle(array_column($rounds, 0));
        print json_encode(['which' => $which, 'ms' => $ms[$which], 'standsMs' => $middle(array_column($rounds, 1)), 'pressWaitsMs' => $middle(array_column($rounds, 2)), 'bytes' => $middle(array_column($rounds, 3)), 'rounds' => ROUNDS]) . "\n";
    }
    isset($ms['other']) && print json_encode(['ratio' => round($ms['now'] / $ms['other'], 2)]) . "\n";
} finally {
    $server->down();
}
