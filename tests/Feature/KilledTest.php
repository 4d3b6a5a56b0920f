<?php

declare(strict_types=1);

namespace Tests\Feature;

use Lumbro\Core\Tests\Support\Chance;
use Lumbro\Core\Tests\Support\Draws;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Support\Installation;
use Tests\Support\TestDatabase;

/** While lines are written, whatever serves them is killed where it stands: no acknowledged line is lost, doubled or moved. */
#[Group('machine')]
final class KilledTest extends TestCase
{
    /** What is killed: its workers, or the one who watches over them, which somebody must then begin again. */
    private const VICTIMS = ['a worker of php', 'a worker of nginx', 'a worker of the queue', 'the signing worker', 'a backend of the database', 'the master of php', 'the master of nginx', 'the signing service', 'the database'];

    private Installation $installation;

    protected function setUp(): void
    {
        if (! Draws::areLong()) {
            self::markTestSkipped('A database of its own is killed and begun again: with ./lumbro test --long.');
        }
        $this->installation = new Installation('killed');
    }

    protected function tearDown(): void
    {
        ($this->installation ?? null)?->gone();
    }

    public function testWhatWasAcknowledgedIsThereOnceAndInItsOrder(): void
    {
        [$status, $said] = $this->installation->lumbro('start --demo');
        self::assertSame(0, $status, $said);
        $order = TestDatabase::one($this->installation->owner(), "select id from repair_orders where number = '2466'");
        $file = "{$this->installation->folder}/acknowledged";
        touch($file);
        $writer = proc_open(['php', dirname(__DIR__) . '/Support/write-on.php', $this->installation->address(), $order, $file], [['file', '/dev/null', 'r'], ['file', "$file.log", 'a'], ['file', "$file.log", 'a']], $pipes);
        self::assertIsResource($writer);
        $chance = new Chance(200);
        $kills = 200;
        $done = 0;
        for ($i = 0; $i < $kills; $i++) {
            $this->waitFor($file, $done + 2);
            usleep((int) $chance->between(0, 120_000));
            $victim = self::VICTIMS[$i % count(self::VICTIMS)];
            $this->kill($victim);
            if (! str_starts_with($victim, 'a ') && $victim !== 'the signing worker') {
                [$status, $said] = $this->installation->lumbro('start');
                self::assertSame(0, $status, "$victim: $said");
            }
            $done = $this->lines($file);
            self::assertTrue(proc_get_status($writer)['running'], (string) file_get_contents($file) . file_get_contents("$file.log"));
        }
        $this->waitFor($file, $done + 2);
        proc_terminate($writer);
        // Waits for its end.
        proc_close($writer);
        $acknowledged = array_map(static fn(string $line): array => explode(' ', $line), file($file, FILE_IGNORE_NEW_LINES) ?: []);
        self::assertGreaterThan($kills, count($acknowledged));
        $found = $this->installation->owner()->query("select payload->>'value', id from order_events where repair_order_id = '$order' and payload->>'value' like 'line %' order by version");
        $kept = $found === false ? [] : $found->fetchAll(\PDO::FETCH_NUM);
        // The last may have been written and not be acknowledged yet.
        self::assertContains(count($kept) - count($acknowledged), [0, 1]);
        self::assertSame(array_map(static fn(array $line): array => ["line $line[0]", $line[1]], $acknowledged), array_slice($kept, 0, count($acknowledged)));
    }

    private function kill(string $victim): void
    {
        $child = static fn(string $part): string => "pgrep -P \$(cat var/run/$part.pid) | shuf -n 1";
        $cluster = '$(ROOT=$PWD; . deploy/lib/database.sh; head -n 1 "$(cluster_home pg)/postmaster.pid")';
        $this->installation->bash('kill -KILL $(' . match ($victim) {
            'a worker of php' => $child('fpm'),
            'a worker of nginx' => $child('nginx'),
            'a worker of the queue' => 'pgrep -s $(cat var/run/queue.pid) -f queue:work | shuf -n 1',
            'the signing worker' => $child('signer'),
            'a backend of the database' => "pgrep -P $cluster | shuf -n 1",
            'the master of php' => 'cat var/run/fpm.pid',
            'the master of nginx' => 'cat var/run/nginx.pid',
            'the signing service' => 'cat var/run/signer.pid',
            'the database' => "echo $cluster",
            default => throw new \LogicException($victim),
        } . ')');
    }

    private function waitFor(string $file, int $lines): void
    {
        for ($i = 0; $i < 600 && $this->lines($file) < $lines; $i++) {
            usleep(100_000);
        }
        self::assertGreaterThanOrEqual($lines, $this->lines($file), 'It did not come back: ' . file_get_contents("$file.log"));
    }

    private function lines(string $file): int
    {
        return substr_count((string) file_get_contents($file), "\n");
    }
}
