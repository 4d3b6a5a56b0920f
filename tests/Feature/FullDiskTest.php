<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Support\ApiClient;
use Tests\Support\Installation;
use Tests\Support\TestDatabase;

/** The disk runs full under a shop at work: it says so, takes nothing in, loses nothing, and goes on once there is room. */
#[Group('machine')]
final class FullDiskTest extends TestCase
{
    private Installation $shop;

    protected function setUp(): void
    {
        $this->shop = new Installation('full');
        // A disk of its own: the folder's, with room for the shop and little more.
        [$status, $said] = $this->shop->bash('cp -a var /tmp/var-$$ && mount -t tmpfs -o size=700m tmpfs var && cp -a /tmp/var-$$/. var/; rm -rf /tmp/var-$$');
        if ($status !== 0) {
            self::markTestSkipped("No disk can be made here: $said");
        }
    }

    protected function tearDown(): void
    {
        $this->shop->lumbro('stop');
        exec('umount -l ' . escapeshellarg("{$this->shop->folder}/var"));
        $this->shop->gone();
    }

    public function testNothingAcknowledgedIsLost(): void
    {
        [$status, $said] = $this->shop->lumbro('start --demo');
        self::assertSame(0, $status, $said);
        $api = (new ApiClient($this->shop->address()))->signIn();
        $order = $api->order('2466');
        $write = function (string $value) use ($api, $order): array {
            $version = $api->get("/api/repair-orders/$order")[1]['version'];

            return $api->post('/api/lines', ['order' => $order, 'id' => (string) Str::uuid7(), 'version' => $version, 'kind' => 'detail', 'payload' => ['field' => 'note', 'value' => $value], 'confirmed' => true]);
        };
        self::assertSame(200, $write('before')[0]);
        // At a moment of its own choosing it would take away what whoever connects must then write anew; that is tried below.
        $this->shop->bash('ROOT=$PWD; . deploy/lib/database.sh; home=$(cluster_home pg); echo "autovacuum = off" >>"$home/postgresql.auto.conf"; kill -HUP "$(head -n 1 "$home/postmaster.pid")"');
        while (TestDatabase::one($this->shop->owner(), 'show autovacuum') !== 'off') {
            usleep(50_000);
        }
        $owner = $this->shop->owner();
        foreach (['nearly', 'to the last byte'] as $how) {
            $leave = $how === 'nearly' ? 100 : 0;
            $this->shop->bash("free=\$(df -Pm var | awk 'NR == 2 {print \$4}'); dd if=/dev/zero of=var/filling-$leave bs=1M count=\$((free - $leave + 1)) 2>/dev/null");
            // Whatever else the database writes does not end it.
            $leave > 0 || TestDatabase::one($owner, "select count(pg_logical_emit_message(true, 'test', repeat('x', 1000000))) from generate_series(1, 50)");
            [$status, $problem] = $write($how);
            self::assertSame([507, 'disk-full'], [$status, $problem['code'] ?? substr($api->body, 0, 200)], $how);
            self::assertStringContainsString('Nothing was recorded', $problem['title']);
            $health = (string) file_get_contents($this->shop->address() . '/health', false, stream_context_create(['http' => ['ignore_errors' => true]]));
            self::assertStringContainsString('"disk":"full"', $health);
            // What was recorded can still be read.
            self::assertSame(200, $api->get("/api/repair-orders/$order")[0], $how);
            [$status, $said] = $this->shop->lumbro('backup shop.backup');
            // A backup is whole or not there.
            self::assertSame($status === 0, is_file("{$this->shop->folder}/shop.backup"), $said);
            @unlink("{$this->shop->folder}/shop.backup");
        }
        // Whoever connects finds no room for what the database keeps for that: it is the disk, and not a database that is away.
        $this->shop->bash('ROOT=$PWD; . deploy/lib/database.sh; home=$(cluster_home pg); rm -f "$home"/global/pg_internal.init "$home"/base/*/pg_internal.init; cat /dev/zero >var/filling-more');
        self::assertNotSame('0', TestDatabase::one($owner, "select count(pg_terminate_backend(pid)) from pg_stat_activity where usename = 'lumbro_app'"));
        unset($owner);
        [$status, $problem] = $api->get("/api/repair-orders/$order");
        self::assertSame([507, 'disk-full'], [$status, $problem['code'] ?? substr($api->body, 0, 200)]);
        // One that is away is said as such, though nothing can be logged.
        $this->shop->bash('ROOT=$PWD; . deploy/lib/database.sh; cluster_down "$(cluster_home pg)"; cat /dev/zero >var/filling-rest');
        [$status, $problem] = $api->get("/api/repair-orders/$order");
        self::assertSame([503, 'database-away'], [$status, $problem['code'] ?? substr($api->body, 0, 200)]);
        $this->shop->bash('rm var/filling-*');
        self::assertSame(0, $this->shop->lumbro('start')[0]);
        self::assertSame(200, $write('after')[0]);
        self::assertSame('before after', TestDatabase::one($this->shop->owner(), "select string_agg(payload->>'value', ' ' order by version) from order_events where repair_order_id = '$order' and payload->>'value' in ('before', 'nearly', 'to the last byte', 'after')"));
        self::assertSame([], glob("{$this->shop->folder}/{*.part,.lumbro-backup-*,var/*.part}", GLOB_BRACE));
    }
}
