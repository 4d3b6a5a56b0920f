<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Support\ApiClient;
use Tests\Support\Installation;
use Tests\Support\Supervisor;
use Tests\Support\TestDatabase;

/** systemd's files of an installation: they are in order, run the shop, and whatever dies comes back. No systemd runs here. */
#[Group('machine')]
final class InstallTest extends TestCase
{
    private const PARTS = ['database', 'signer', 'php', 'web', 'queue', 'live'];

    private Installation $shop;

    private string $units;

    private ?Supervisor $supervisor = null;

    protected function setUp(): void
    {
        if (posix_getuid() !== 0) {
            self::markTestSkipped('Only root tells systemd what to run.');
        }
        $this->shop = new Installation('installed');
        $this->units = "{$this->shop->folder}/var/units";
    }

    protected function tearDown(): void
    {
        $this->supervisor?->down();
        ($this->shop ?? null)?->gone();
    }

    public function testWhatDiesComesBack(): void
    {
        [$status, $said] = $this->shop->lumbro('start --demo');
        self::assertSame(0, $status, $said);
        [$status, $said] = $this->shop->bash("LUMBRO_UNITS=$this->units ./lumbro install");
        self::assertSame(0, $status, $said);
        self::assertStringContainsString('systemd does not run here now', $said);
        self::assertFalse($this->isWell(), 'what was begun by hand is ended');
        $this->supervisor = new Supervisor(array_map(fn(string $part): string => "$this->units/lumbro-$part.service", self::PARTS));
        $this->supervisor->up();
        $this->becomesWell('begun', static fn(): bool => true);
        $order = TestDatabase::one($this->shop->owner(), "select id from repair_orders where number = '2466'");
        foreach (self::PARTS as $part) {
            $pid = fn(): int => (int) $this->supervisor?->pid("$this->units/lumbro-$part.service");
            $before = $pid();
            // With its workers, as a crash of the whole part.
            exec("pkill -KILL -s $before");
            $this->becomesWell($part, static fn(): bool => $pid() !== $before);
            $api = (new ApiClient($this->shop->address()))->signIn();
            self::assertSame(200, $api->get("/api/repair-orders/$order")[0], $part);
        }
        // The commands for every day find what runs, whoever began it.
        [$status, $said] = $this->shop->lumbro('sign');
        self::assertSame(0, $status, $said);
        [$status, $said] = $this->shop->lumbro('nightly');
        self::assertSame(0, $status, $said);
        self::assertCount(1, glob("{$this->shop->folder}/var/backups/lumbro-*.backup") ?: []);
        [$status, $said] = $this->shop->bash("LUMBRO_UNITS=$this->units ./lumbro uninstall");
        self::assertSame(0, $status, $said);
        self::assertSame([], glob("$this->units/lumbro*.{service,timer,target}", GLOB_BRACE));
        self::assertNotSame('0', TestDatabase::one($this->shop->owner(), 'select count(*) from repair_orders'));
    }

    private function isWell(): bool
    {
        return str_contains((string) @file_get_contents($this->shop->address() . '/health'), '"database":"ok","disk":"ok","queue":"ok","signing":"ok"');
    }

    /** @param \Closure(): bool $isBack */
    private function becomesWell(string $after, \Closure $isBack): void
    {
        for ($i = 0; $i < 600; $i++) {
            $this->supervisor?->watch();
            if ($isBack() && $this->isWell()) {
                return;
            }
            usleep(100_000);
        }
        self::fail("$after: " . @file_get_contents($this->shop->address() . '/health') . shell_exec("tail -n 5 $this->units/*.log"));
    }
}
