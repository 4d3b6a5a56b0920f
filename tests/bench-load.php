<?php

declare(strict_types=1);

/*
 * A reading's round trip alone, and while eight readers outside ask for PDFs as fast as they get them and a drawing, a track and
 * an archive of the largest sizes are taken in, one after the other without an end. Then the same by 1, 4, 16 and 64
 * connections at once.
 *
 * Alone and beside them take turns, a batch each, so that the machine's moods meet both alike. Times are what the person
 * waits, in ms. One JSON line for each, then their ratio, what the others got, and the most memory that all processes of
 * the server had, in MB.
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
const CONNECTIONS = [1, 4, 16, 64];
const EACH = 64;
const READINGS = ['spot-offset' => '14 mm right', 'spot-along' => '1849', 'split' => '12 mm left', 'hub-left' => '2.877 m', 'hub-right' => '2861'];

$app = require __DIR__ . '/../bootstrap/app.php';
assert($app instanceof Application);
$app->make(Kernel::class)->bootstrap();
TestDatabase::create('lumbro_test_bench', $app);
$owner = TestDatabase::owner('lumbro_test_bench');
$tasks = BenchTasks::of($owner, (2 * BATCHES + 1) * TASKS + count(CONNECTIONS) * EACH);
$read = TestDatabase::one($owner, "select id from repair_orders where number = '2463'");
$open = TestDatabase::one($owner, "select id from repair_orders where number = '2466'");

$server = AppServer::start('lumbro_test_bench');
$log = getenv('LUMBRO_SCRATCH') . '/others.log';
touch($log);
/** @var list<resource> $others */
$others = [];
$stop = static function () use (&$others): void {
    foreach ($others as $other) {
        posix_kill(-proc_get_status($other)['pid'], SIGKILL);
        proc_close($other);
    }
    $others = [];
};
$begin = static function (array $command) use (&$others): void {
    // On machines of their own they would take nothing from this one.
    $others[] = proc_open(['setsid', 'nice', '-n', '19', ...$command], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', getenv('LUMBRO_SCRATCH') . '/others-said.log', 'a']], $pipes) ?: throw new RuntimeException('Nobody began.');
};
/** What the server's processes have of their own, and their share of what they have together, in MB. */
$memory = static function () use ($server): int {
    $pids = [];
    foreach (['nginx', 'fpm', 'queue', 'signer'] as $part) {
        $pid = (int) file_get_contents("{$server->run}/$part.pid");
        array_push($pids, $pid, ...array_map(intval(...), array_filter(explode("\n", (string) shell_exec("pgrep -P $pid; pgrep -s $pid")))));
    }
    $all = 0;
    foreach (array_unique($pids) as $pid) {
        $all += preg_match('/^Pss:\s+(\d+)/m', (string) @file_get_contents("/proc/$pid/smaps_rollup"), $match) === 1 ? (int) $match[1] : 0;
    }

    return intdiv($all, 1024);
};
/** @return list<float> ms of each reading of a task */
$readings = static function (ApiClient $api, string $task): array {
    $took = [];
    $version = 0;
    foreach (READINGS as $call => $typed) {
        $began = hrtime(true);
        [$status, $document] = $api->write($task, 'reading', $version++, ['call' => $call, 'typed' => $typed, 'confirmed' => true]);
        if ($status !== 200) {
            throw new RuntimeException("A reading was answered with $status: " . json_encode($document));
        }
        $took[] = (hrtime(true) - $began) / 1e6;
    }

    return $took;
};
$at = static function (array $values, float $share): float {
    sort($values);

    return round($values[(int) floor($share * (count($values) - 1))], 1);
};
$say = static fn(array $line) => print json_encode($line) . "\n";
try {
    $api = (new ApiClient($server->address()))->signIn();
    $office = (new ApiClient($server->address()))->signIn('fenna@copperlane.example', 'ink-and-paper');
    $links = [];
    for ($i = 0; $i < READERS; $i++) {
        [$status, $given] = $office->post("/api/repair-orders/$read/links", ['id' => (string) Str::uuid7(), 'version' => 0, 'kind' => 'insurer', 'reader' => "Reader $i", 'days' => 14]);
        $links[] = $status === 200 ? $given['address'] : throw new RuntimeException('No link was given: ' . json_encode($given));
    }
    $most = 0;
    $took = ['alone' => [], 'beside all' => []];
    for ($batch = 0; $batch <= 2 * BATCHES; $batch++) {
        $how = $batch % 2 === 1 ? 'alone' : 'beside all';
        if ($how === 'beside all') {
            foreach ($links as $link) {
                $begin(['bash', '-c', sprintf('while :; do curl -s -o /dev/null -w "pdf %%{http_code} %%{time_total}\\n" %s >>%s; done', escapeshellarg($server->address() . "$link/report.pdf"), escapeshellarg($log))]);
            }
            foreach (['drawing', 'track', 'archive'] as $kind) {
                $begin(['php', __DIR__ . '/Support/load-on.php', $server->address(), $kind, $kind === 'track' ? $open : $read, $log]);
            }
            sleep(8);
        }
        foreach (array_splice($tasks, 0, TASKS) as $task) {
            $ms = $readings($api, $task);
            $most = max($most, $memory());
            // The first batch warms the workers.
            $batch === 0 ?: array_push($took[$how], ...$ms);
        }
        $stop();
    }
    foreach ($took as $how => $values) {
        $say(['reading' => $how, 'requests' => count($values), 'median' => $at($values, 0.5), 'p95' => $at($values, 0.95), 'most' => $at($values, 1.0)]);
    }
    $say(['ratio' => 'beside all/alone', 'median' => round($at($took['beside all'], 0.5) / $at($took['alone'], 0.5), 2), 'p95' => round($at($took['beside all'], 0.95) / $at($took['alone'], 0.95), 2)]);
    $got = [];
    foreach (file($log, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        if (preg_match('/^(\w+) (\d+) ([\d.]+)$/', $line, $match) === 1) {
            $got[$match[1]]["$match[2]"][] = (float) $match[3];
        }
    }
    foreach ($got as $kind => $answers) {
        foreach ($answers as $status => $seconds) {
            $say(['others' => $kind, 'status' => $status, 'count' => count($seconds), 'median s' => $at($seconds, 0.5), 'most s' => $at($seconds, 1.0)]);
        }
    }
    $say(['memory' => 'all processes of the server', 'most MB' => $most]);
    foreach (CONNECTIONS as $connections) {
        $mine = array_splice($tasks, 0, EACH);
        $folder = getenv('LUMBRO_SCRATCH') . "/connections-$connections";
        mkdir($folder);
        $children = [];
        for ($i = 0; $i < $connections; $i++) {
            $pid = pcntl_fork();
            if ($pid === 0) {
                $person = (new ApiClient($server->address()))->signIn();
                touch("$folder/ready-$i");
                while (! is_file("$folder/go")) {
                    usleep(2_000);
                    clearstatcache();
                }
                $ms = [];
                foreach (array_filter($mine, static fn(int $n): bool => $n % $connections === $i, ARRAY_FILTER_USE_KEY) as $task) {
                    array_push($ms, ...$readings($person, $task));
                }
                file_put_contents("$folder/took-$i", implode("\n", $ms));
                posix_kill((int) getmypid(), SIGKILL);
            }
            $children[] = $pid;
        }
        while (count(glob("$folder/ready-*") ?: []) < $connections) {
            usleep(50_000);
        }
        $began = microtime(true);
        touch("$folder/go");
        foreach ($children as $pid) {
            pcntl_waitpid($pid, $status);
        }
        $seconds = microtime(true) - $began;
        $values = array_map(floatval(...), array_merge(...array_map(static fn(string $file): array => file($file, FILE_IGNORE_NEW_LINES) ?: [], glob("$folder/took-*") ?: [])));
        $say(['connections' => $connections, 'requests' => count($values), 'a second' => round(count($values) / $seconds, 1), 'median' => $at($values, 0.5), 'p95' => $at($values, 0.95), 'most' => $at($values, 1.0)]);
    }
} finally {
    $stop();
    $server->down();
}
