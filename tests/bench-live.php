<?php

declare(strict_types=1);

/*
 * Two browsers at one task: how long after a line is shown at one it is shown at the other, and how long after its Enter. Then a
 * reading's round trip alone and with 40 watchers of its order, who ask for the task whenever they hear of a line, in turns,
 * one reading a second, as fast as hands are. Times in ms; one JSON line each, then the ratio.
 */

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Tests\Support\Answers;
use Tests\Support\ApiClient;
use Tests\Support\AppServer;
use Tests\Support\BenchTasks;
use Tests\Support\Browser;
use Tests\Support\TestDatabase;

require __DIR__ . '/../vendor/autoload.php';

const SHOWN = 4;
const BATCHES = 10;
const WATCHERS = 40;
const READINGS = ['spot-offset' => '14 mm right', 'spot-along' => '1849', 'split' => '12 mm left', 'hub-left' => '2.877 m', 'hub-right' => '2861'];

$app = require __DIR__ . '/../bootstrap/app.php';
assert($app instanceof Application);
$app->make(Kernel::class)->bootstrap();
TestDatabase::create('lumbro_test_bench', $app);
$owner = TestDatabase::owner('lumbro_test_bench');
$tasks = BenchTasks::of($owner, SHOWN + 2 * BATCHES + 1);
$server = AppServer::start('lumbro_test_bench');
$at = static function (array $values, float $share): float {
    sort($values);

    return round($values[(int) floor($share * (count($values) - 1))], 1);
};
$say = static fn(array $line) => print json_encode($line) . "\n";
$told = static fn(string $what, array $values): mixed => $say([$what => 'ms', 'count' => count($values), 'median' => $at($values, 0.5), 'p95' => $at($values, 0.95), 'most' => $at($values, 1.0)]);
/** Notes when the ledger grows, and the last Enter. */
$watch = <<<'JS'
    window.grew = []; window.entered = [];
    let last = 0, lines = document.querySelectorAll('[data-testid=ledger] > li').length;
    addEventListener('keydown', (event) => { if (event.key === 'Enter') last = Date.now(); }, true);
    addEventListener('click', () => { last = Date.now(); }, true);
    new MutationObserver(() => {
        const now = document.querySelectorAll('[data-testid=ledger] > li').length;
        if (now > lines) { lines = now; grew.push(Date.now()); entered.push(last); }
    }).observe(document.body, { childList: true, subtree: true });
    JS;
$browsers = [];
$watchers = null;
try {
    $api = (new ApiClient($server->address()))->signIn();
    $shown = ['shown at the other' => [], 'from Enter to the other' => []];
    for ($i = 0; $i < 2; $i++) {
        $browsers[] = $one = Browser::open($server->address());
        $one->visit('/');
        $one->signIn(['ilse@copperlane.example', 'bram@copperlane.example'][$i], 'plumb-and-line');
        $one->find('#search');
    }
    foreach (array_splice($tasks, 0, SHOWN) as $task) {
        [, $state] = $api->get("/api/tasks/$task");
        foreach ([...$state['preparation'], ...$state['lineSteps']] as $item) {
            $api->write($task, 'answer', $state['version'], Answers::to($item['id']));
        }
        foreach ($browsers as $one) {
            $one->visit("/tasks/$task");
            $one->find('#typed');
            $one->driver->executeScript($watch);
        }
        [$mine, $other] = $browsers;
        for ($n = 1; $n <= 4; $n++) {
            $call = (string) $mine->find('#typed')->getAttribute('data-reading');
            $mine->type('#typed', (READINGS[$call] ?? '500 mm') . "\n");
            $mine->until("document.querySelector('[data-testid=asked]') !== null || grew.length >= $n");
            if ($mine->has('[data-testid=asked]')) {
                $mine->press('It does show');
            }
            $mine->until("grew.length >= $n");
            $other->until("grew.length >= $n");
            [$grew, $entered] = $mine->driver->executeScript('return [grew.at(-1), entered.at(-1)]');
            $there = $other->driver->executeScript('return grew.at(-1)');
            $shown['shown at the other'][] = $there - $grew;
            $shown['from Enter to the other'][] = $there - $entered;
            usleep(800_000);
        }
    }
    foreach ($shown as $what => $values) {
        $told($what, $values);
    }
    foreach ($browsers as $one) {
        $one->close();
    }
    $browsers = [];

    $readings = static function (string $task) use ($api): array {
        $took = [];
        $version = 0;
        foreach (READINGS as $call => $typed) {
            $began = hrtime(true);
            [$status, $document] = $api->write($task, 'reading', $version++, ['call' => $call, 'typed' => $typed, 'confirmed' => true]);
            $status === 200 || throw new RuntimeException('A reading was refused: ' . json_encode($document));
            $took[] = (hrtime(true) - $began) / 1e6;
            usleep(1_000_000);
        }

        return $took;
    };
    $took = ['alone' => [], 'watched' => []];
    foreach ($tasks as $batch => $task) {
        $how = $batch % 2 === 0 ? 'watched' : 'alone';
        if ($how === 'watched') {
            $order = TestDatabase::one($owner, "select repair_order_id from sensor_tasks where id = '$task'");
            $ready = getenv('LUMBRO_SCRATCH') . "/ready-$batch";
            $watchers = proc_open(['nice', '-n', '19', 'php', __DIR__ . '/Support/watch-on.php', $server->address(), $order, $task, (string) WATCHERS, $ready], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes) ?: throw new RuntimeException('Nobody watches.');
            for ($until = microtime(true) + 60; ! is_file($ready); usleep(20_000), clearstatcache()) {
                microtime(true) < $until || throw new RuntimeException('Not all of them listen.');
            }
        }
        $ms = $readings($task);
        // The first batch warms the workers.
        $batch === 0 ?: array_push($took[$how], ...$ms);
        if ($watchers !== null) {
            posix_kill(proc_get_status($watchers)['pid'], SIGKILL);
            proc_close($watchers);
            $watchers = null;
        }
    }
    foreach ($took as $how => $values) {
        $say(['reading' => $how, 'requests' => count($values), 'median' => $at($values, 0.5), 'p95' => $at($values, 0.95), 'most' => $at($values, 1.0)]);
    }
    $say(['ratio' => 'watched/alone', 'median' => round($at($took['watched'], 0.5) / $at($took['alone'], 0.5), 2), 'p95' => round($at($took['watched'], 0.95) / $at($took['alone'], 0.95), 2)]);
} finally {
    foreach ($browsers as $one) {
        $one->close();
    }
    if ($watchers !== null) {
        posix_kill(proc_get_status($watchers)['pid'], SIGKILL);
    }
    $server->down();
}
