<?php

declare(strict_types=1);

/*
 * A reading answered by the core in the browser, and by the server: the two take turns, the same readings of copies of the
 * same task. The browser is asked as the interface asks it: the task as it was kept, and every line that waits.
 *
 * One JSON line each with ms, then their ratio; a frame of the floor plan alone and with an input that enlarges it; how long the core takes from nothing to ready, its first answer, and how much
 * memory all processes of the browser have more than before, in MB.
 */

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Tests\Support\ApiClient;
use Tests\Support\AppServer;
use Tests\Support\BenchTasks;
use Tests\Support\Browser;
use Tests\Support\TestDatabase;

require __DIR__ . '/../vendor/autoload.php';

const TASKS = 24;
const READINGS = ['spot-offset' => '14 mm right', 'spot-along' => '1849', 'split' => '12 mm left', 'hub-left' => '2.877 m', 'hub-right' => '2861'];

$app = require __DIR__ . '/../bootstrap/app.php';
assert($app instanceof Application);
$app->make(Kernel::class)->bootstrap();
TestDatabase::create('lumbro_test_bench', $app);
$tasks = BenchTasks::of(TestDatabase::owner('lumbro_test_bench'), TASKS);
$server = AppServer::start('lumbro_test_bench');
$browser = Browser::open($server->address());
$at = static function (array $values, float $share): float {
    sort($values);

    return round($values[(int) floor($share * (count($values) - 1))], 1);
};
$say = static fn(array $line) => print json_encode($line) . "\n";
/** What the browser's processes have of their own, and their share of what they have together, in MB. */
$memory = static function (): int {
    $all = 0;
    foreach (array_filter(explode("\n", (string) shell_exec('pgrep -f chromium-headless-shell'))) as $pid) {
        $all += preg_match('/^Pss:\s+(\d+)/m', (string) @file_get_contents("/proc/$pid/smaps_rollup"), $match) === 1 ? (int) $match[1] : 0;
    }

    return intdiv($all, 1024);
};
$frames = <<<'JS'
    const done = arguments[0];
    const plan = document.querySelector('[data-testid=floor-plan]').parentElement;
    const box = plan.getBoundingClientRect();
    const frame = () => new Promise((next) => requestAnimationFrame(next));
    const times = { alone: [], 'with an input': [] };
    (async () => {
        for (let i = 0; i < 120; i++) {
            for (const which of ['alone', 'with an input']) {
                const start = await frame();
                which === 'alone' || plan.dispatchEvent(new WheelEvent('wheel', { deltaY: i % 60 < 30 ? -20 : 20, clientX: box.left + 60, clientY: box.top + 60, bubbles: true, cancelable: true }));
                times[which].push((await frame()) - start);
            }
        }
        done(times);
    })();
    JS;
$ask = <<<'JS'
    const [document, done] = arguments;
    const began = performance.now();
    core.onmessage = () => done(performance.now() - began);
    core.postMessage({ id: 1, command: 'carry', document });
    JS;
try {
    $api = (new ApiClient($server->address()))->signIn();
    $browser->visit('/');
    $before = $memory();
    $worker = basename((glob(__DIR__ . '/../public/build/assets/core.worker-*.js') ?: [''])[0]);
    $ready = $browser->driver->executeAsyncScript('const [file, done] = arguments; const began = performance.now(); window.core = new Worker(file, { type: "module" }); core.onmessage = () => done(performance.now() - began);', ["/build/assets/$worker"]);
    $took = ['browser' => [], 'server' => []];
    $first = null;
    foreach ($tasks as $task) {
        $api->get("/api/tasks/$task/carried");
        $document = json_decode($api->body, false, 64, JSON_THROW_ON_ERROR);
        unset($document->version);
        $document->wishes = [];
        $version = 0;
        foreach (READINGS as $call => $typed) {
            $document->wishes[] = ['id' => "w$version", 'person' => 'Ilse Corrant', 'at' => '2026-11-25T10:00:00.000Z', 'kind' => 'reading', 'confirmed' => true, 'payload' => ['call' => $call, 'typed' => $typed]];
            $ms = $browser->driver->executeAsyncScript($ask, [json_encode($document, JSON_THROW_ON_ERROR)]);
            $began = hrtime(true);
            [$status, $answer] = $api->write($task, 'reading', $version++, ['call' => $call, 'typed' => $typed, 'confirmed' => true]);
            $status === 200 || throw new RuntimeException(json_encode($answer, JSON_THROW_ON_ERROR));
            if ($first === null) {
                $first = $ms;
                continue;
            }
            $took['browser'][] = $ms;
            $took['server'][] = (hrtime(true) - $began) / 1e6;
        }
    }
    foreach ($took as $where => $values) {
        $say(['reading' => $where, 'requests' => count($values), 'median' => $at($values, 0.5), 'p95' => $at($values, 0.95), 'most' => $at($values, 1.0)]);
    }
    $say(['ratio' => 'browser/server', 'median' => round($at($took['browser'], 0.5) / $at($took['server'], 0.5), 2)]);
    $say(['core' => 'in the browser', 'ready ms' => round($ready), 'first answer ms' => round($first ?? 0), 'more MB' => $memory() - $before, 'kept task kB' => intdiv(strlen($api->body), 1024)]);
    $browser->driver->executeScript('core.terminate()');
    $browser->signIn('ilse@copperlane.example', 'plumb-and-line');
    $browser->find('#search');
    $browser->visit("/tasks/$tasks[0]");
    $browser->find('[data-testid=floor-plan] [data-testid=spot]');
    foreach ($browser->driver->executeAsyncScript($frames) as $which => $values) {
        $say(['frame' => $which, 'median' => $at($values, 0.5), 'p95' => $at($values, 0.95)]);
    }
} finally {
    $browser->close();
    $server->down();
}
