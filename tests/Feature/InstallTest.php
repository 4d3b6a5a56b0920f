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

    public function testWhatAnotherUserBeganIsHandedOverWithItsKeys(): void
    {
        $folder = escapeshellarg($this->shop->folder);
        file_put_contents("{$this->shop->folder}/shop.json", json_encode([
            'shop' => ['name' => 'Brasswater Panel & Paint', 'zone' => 'Europe/Zurich', 'language' => 'en', 'unit' => 'mm', 'decimal' => ',', 'paper' => 'A4'],
            'lead' => ['name' => 'Wenna Calder', 'email' => 'wenna@brasswater.example'],
            'bay' => ['name' => 'Bay 1', 'length' => 9100, 'width' => 4700, 'obstacles' => []],
            'kit' => [['item' => 'tape-1']],
        ]));
        // What is installed already is shared with this checkout: it stays as it is.
        [$status, $said] = $this->shop->bash("find $folder \( -type d -o -links 1 \) -exec chown -h www-data: {} + && runuser -u www-data -- ./lumbro start && runuser -u www-data -- ./lumbro shop shop.json && runuser -u www-data -- ./lumbro key");
        self::assertSame(0, $status, $said);
        $key = (string) shell_exec("cd $folder && runuser -u www-data -- ./lumbro key");
        self::assertNotSame('', trim($key));
        [$status, $said] = $this->shop->lumbro('start');
        self::assertSame(1, $status, $said);
        self::assertStringContainsString('was begun by www-data', $said);
        [$status, $said] = $this->shop->bash("LUMBRO_UNITS=$this->units ./lumbro install");
        self::assertSame(0, $status, $said);
        self::assertSame('', (string) shell_exec("find $folder -user www-data -not -path '*/var/photos*' -not -path '*/var/run/*'"), 'root runs what somebody else may change');
        [$status, $said] = $this->shop->bash("LUMBRO_UNITS=$this->units ./lumbro uninstall && ./lumbro start");
        self::assertSame(0, $status, $said);
        self::assertTrue($this->isWell());
        self::assertSame($key, (string) shell_exec("cd $folder && ./lumbro key"));
        self::assertSame('1', TestDatabase::one($this->shop->owner(), 'select count(*) from shops'));
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
