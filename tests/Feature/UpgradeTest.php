<?php

declare(strict_types=1);

namespace Tests\Feature;

use Lumbro\Core\Tests\Support\Draws;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Support\Installation;
use Tests\Support\TestDatabase;

/** Another version takes the place of this one whole, or the shop goes on as it was. */
#[Group('machine')]
final class UpgradeTest extends TestCase
{
    private const MIGRATION = 'database/migrations/2099_01_01_000001_later.php';

    private Installation $shop;

    private string $next;

    protected function setUp(): void
    {
        $this->shop = new Installation('upgraded');
        [$status, $said] = $this->shop->lumbro('start --demo');
        self::assertSame(0, $status, $said);
        // The next version: this one, and a table more.
        $this->next = "{$this->shop->folder}-next";
        $this->shop->bash('mkdir ' . escapeshellarg($this->next) . ' && ls -A | grep -vxE "var|\.env|\.secrets" | xargs -d "\n" cp -al -t ' . escapeshellarg($this->next) . ' && mkdir -p ' . escapeshellarg("$this->next/var") . ' && cp -a var/stamps ' . escapeshellarg("$this->next/var/"));
        $this->put(self::MIGRATION, '<?php return new class extends Illuminate\Database\Migrations\Migration { public function up(): void { Illuminate\Support\Facades\Schema::connection($this->getConnection())->create("later", static fn($table) => $table->text("one")); } };');
        $this->put('later.txt', "A file that this version does not have.\n");
    }

    protected function tearDown(): void
    {
        $this->shop->gone();
        exec('rm -rf ' . escapeshellarg($this->next));
    }

    public function testItTakesItsPlaceAndGoesBackAgain(): void
    {
        // Shared with what fails before: a shop takes long to begin.
        $this->assertWhatFailsLeavesTheShopAsItWas();
        $count = $this->held();
        touch("{$this->shop->folder}/own.txt");
        [$status, $said] = $this->shop->lumbro("upgrade $this->next");
        self::assertSame(0, $status, $said);
        self::assertFileExists("{$this->shop->folder}/later.txt");
        self::assertFileExists("{$this->shop->folder}/own.txt", 'what is of no version stays');
        self::assertTrue($this->hasTable('lumbro'));
        self::assertSame($count, $this->held());
        $this->assertWell();
        self::assertCount(2, glob("{$this->shop->folder}/var/backups/before-upgrade-*.backup") ?: []);
        [$status, $said] = $this->shop->lumbro('upgrade --back', "back\n");
        self::assertSame(0, $status, $said);
        self::assertFileDoesNotExist("{$this->shop->folder}/later.txt");
        self::assertFalse($this->hasTable('lumbro'));
        self::assertSame($count, $this->held());
        $this->assertWell();
        self::assertSame(1, $this->shop->lumbro('upgrade --back', "back\n")[0], 'nothing stands aside any more');
    }

    private function assertWhatFailsLeavesTheShopAsItWas(): void
    {
        $bad = [
            'a table that cannot be made' => [self::MIGRATION, '<?php return new class extends Illuminate\Database\Migrations\Migration { public function up(): void { Illuminate\Support\Facades\Schema::connection($this->getConnection())->drop("users"); } };', 'Tables of the copy failed'],
            'records that come out otherwise' => ['core/src/Evidence/Chain.php', str_replace('public static function breaks(', 'public static function unused(', (string) file_get_contents("{$this->shop->folder}/core/src/Evidence/Chain.php")), 'Records by the new version failed'],
            'a server that does not answer' => ['deploy/nginx.conf.in', 'no settings', 'The new version serves the copy failed'],
        ];
        $good = (string) file_get_contents("$this->next/" . self::MIGRATION);
        $count = $this->held();
        foreach (Draws::areLong() ? $bad : array_slice($bad, 0, 1) as $what => [$file, $content, $says]) {
            $before = $file === self::MIGRATION ? $good : (string) file_get_contents("$this->next/$file");
            $this->put($file, $content);
            [$status, $said] = $this->shop->lumbro("upgrade $this->next");
            self::assertSame(1, $status, "$what: $said");
            self::assertStringContainsString($says, $said, $what);
            self::assertStringContainsString('Nothing was changed', $said);
            self::assertFileDoesNotExist("{$this->shop->folder}/later.txt");
            self::assertSame($count, $this->held());
            self::assertSame('0', TestDatabase::one($this->shop->owner('postgres'), "select count(*) from pg_database where datname in ('lumbro_new', 'lumbro_before')"));
            $this->assertWell();
            $this->put($file, $before);
        }
    }

    public function testBrokenOffAnywhereItIsOneOrTheOther(): void
    {
        if (! Draws::areLong()) {
            self::markTestSkipped('Eight upgrades broken off: with ./lumbro test --long.');
        }
        $count = $this->held();
        // Each moment at which files or data change places, and some before.
        $moments = ['upgrade_migrate()', 'upgrade_trial()', 'upgrade_exchange()', 'mv "$ROOT/$name"', 'rm -rf "$ROOT/var/stamps.before"', 'echo new', 'mv "$ROOT/var/upgrade" "$ROOT/var/upgrade-before"', 'database_is "${3}_new"'];
        foreach ($moments as $moment) {
            $library = "$this->next/../" . basename($this->shop->folder) . '/deploy/lib/upgrade.sh';
            $code = (string) file_get_contents($library);
            $place = strpos($code, $moment);
            self::assertNotFalse($place, $moment);
            // At the second file that is moved some have been, and others not.
            $killed = str_ends_with($moment, '()')
                ? substr_replace($code, "$moment { kill -KILL -- -\$\$; kill -KILL \$\$; }\nunused()", $place, strlen($moment))
                : substr_replace($code, ($moment === 'mv "$ROOT/$name"' ? '[ "$name" != config ] || kill -KILL $$; ' : 'kill -KILL $$; ') . $moment, $place, strlen($moment));
            file_put_contents($library, str_replace('! kill', 'kill', $killed));
            [$status] = $this->shop->bash("setsid ./lumbro upgrade $this->next");
            self::assertNotSame(0, $status, $moment);
            // Whoever looks after it starts it, as after any end.
            if (is_file($library)) {
                file_put_contents($library, $code);
            }
            [$status, $said] = $this->shop->lumbro('start');
            self::assertSame(0, $status, "$moment: $said");
            $isNew = is_file("{$this->shop->folder}/later.txt");
            self::assertSame($isNew, $this->hasTable('lumbro'), "$moment: files and tables are of one version");
            self::assertSame($count, $this->held(), $moment);
            $this->assertWell();
            file_put_contents("{$this->shop->folder}/deploy/lib/upgrade.sh", $code);
            if ($isNew) {
                [$status, $said] = $this->shop->lumbro('upgrade --back', "back\n");
                self::assertSame(0, $status, "$moment: $said");
            }
            self::assertFileDoesNotExist("{$this->shop->folder}/later.txt");
        }
    }

    private function put(string $file, string $content): void
    {
        // Its folder's files are the shop's own, by another name.
        @unlink("$this->next/$file");
        file_put_contents("$this->next/$file", $content);
    }

    private function held(): string
    {
        return TestDatabase::one($this->shop->owner(), "select count(*) || ' ' || (select count(*) from order_events) || ' ' || (select string_agg(hash, ' ' order by hash) from sealed_records) from repair_orders");
    }

    private function hasTable(string $database): bool
    {
        return TestDatabase::one($this->shop->owner($database), "select to_regclass('later') is not null") === '1';
    }

    private function assertWell(): void
    {
        self::assertStringContainsString('"status":"ok"', (string) file_get_contents($this->shop->address() . '/health'));
    }
}
