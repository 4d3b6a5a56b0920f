<?php

declare(strict_types=1);

/*
 * A reading's round trip alone, and while readers outside ask for PDFs as fast as they get them.
 *
 * Alone and beside them take turns, a batch each, so that the machine's moods meet both alike. Times are what the person
 * waits, in ms. One JSON line for each, then their ratio and what the readers got.
 */

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Support\Str;
use Tests\Support\ApiClient;
use Tests\Support\AppServer;
use Tests\Support\BenchTasks;
use Tests\Support\TestDatabase;

require __DIR__ . '/../vendor/autoload.php';

const READERS = 8;
const BATCHES = 6;
const TASKS = 8;
const READINGS = ['spot-offset' => '14 mm right', 'spot-along' => '1849', 'split' => '12 mm left', 'hub-left' => '2.877 m', 'hub-right' => '2861'];

$app = require __DIR__ . '/../bootstrap/app.php';
assert($app instanceof Application);
$app->make(Kernel::class)->bootstrap();
TestDatabase::create('lumbro_test_bench', $app);
$owner = TestDatabase::owner('lumbro_test_bench');
$tasks = BenchTasks::of($owner, (2 * BATCHES + 1) * TASKS);
$read = TestDatabase::one($owner, "select id from repair_orders where number = '2463'");

$server = AppServer::start('lumbro_test_bench');
$log = getenv('LUMBRO_SCRATCH') . '/readers.log';
/** @var list<resource> $readers */
$readers = [];
$stop = static function () use (&$readers): void {
    foreach ($readers as $reader) {
        posix_kill(-proc_get_status($reader)['pid'], SIGKILL);
        proc_close($reader);
    }
    $readers = [];
};
try {
    $api = (new ApiClient($server->address()))->signIn();
    $office = (new ApiClient($server->address()))->signIn('fenna@copperlane.example', 'ink-and-paper');
    $links = [];
    for ($i = 0; $i < READERS; $i++) {
        [$status, $given] = $office->post("/api/repair-orders/$read/links", ['id' => (string) Str::uuid7(), 'version' => 0, 'kind' => 'insurer', 'reader' => "Reader $i", 'days' => 14]);
        $links[] = $status === 200 ? $given['address'] : throw new RuntimeException('No link was given: ' . json_encode($given));
    }
    $took = ['alone' => [], 'beside readers' => []];
    for ($batch = 0; $batch <= 2 * BATCHES; $batch++) {
        $how = $batch % 2 === 1 ? 'alone' : 'beside readers';
        if ($how === 'beside readers') {
            foreach ($links as $link) {
                $loop = sprintf('while :; do curl -s -o /dev/null -w "%%{http_code}\\n" %s >>%s; done', escapeshellarg($server->address() . "$link/report.pdf"), escapeshellarg($log));
                $readers[] = proc_open(['setsid', 'bash', '-c', $loop], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes) ?: throw new RuntimeException('No reader began.');
            }
            sleep(1);
        }
        foreach (array_splice($tasks, 0, TASKS) as $task) {
            $version = 0;
            foreach (READINGS as $call => $typed) {
                $began = hrtime(true);
                [$status, $document] = $api->write($task, 'reading', $version++, ['call' => $call, 'typed' => $typed, 'confirmed' => true]);
                if ($status !== 200) {
                    throw new RuntimeException("A reading was answered with $status: " . json_encode($document));
                }
                // The first batch warms the workers.
                $batch === 0 ?: $took[$how][] = (hrtime(true) - $began) / 1e6;
            }
        }
        $stop();
    }
} finally {
    $stop();
    $server->down();
}

$at = static function (array $values, float $share): float {
    sort($values);

    return round($values[(int) floor($share * (count($values) - 1))], 1);
};
foreach ($took as $how => $values) {
    echo json_encode(['reading' => $how, 'requests' => count($values), 'median' => $at($values, 0.5), 'p95' => $at($values, 0.95), 'most' => $at($values, 1.0)]), "\n";
}
echo json_encode(['ratio' => 'beside readers/alone', 'median' => round($at($took['beside readers'], 0.5) / $at($took['alone'], 0.5), 2), 'p95' => round($at($took['beside readers'], 0.95) / $at($took['alone'], 0.95), 2)]), "\n";
echo json_encode(['readers' => READERS, 'answers' => array_count_values(file($log, FILE_IGNORE_NEW_LINES) ?: [])]), "\n";
