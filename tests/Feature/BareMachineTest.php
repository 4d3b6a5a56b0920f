<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Support\Installation;
use Tests\Support\TestDatabase;

/** The machine is gone. A backup and the recovery sheet bring the shop back on another one, keys and all. */
#[Group('machine')]
final class BareMachineTest extends TestCase
{
    /** @var list<Installation> */
    private array $installations = [];

    protected function tearDown(): void
    {
        foreach ($this->installations as $installation) {
            $installation->gone();
        }
    }

    public function testABackupAndTheSheetBringTheShopBack(): void
    {
        $old = $this->begun('old', '--demo');
        [$status, $said] = $old->lumbro('backup shop.backup');
        self::assertSame(0, $status, $said);
        self::assertStringContainsString('proven by restoring it', $said);
        self::assertSame(0, $old->lumbro('sheet sheet.pdf')[0]);
        exec('pdftotext -layout ' . escapeshellarg("$old->folder/sheet.pdf") . ' -', $sheet);
        self::assertSame(3, preg_match_all('/^\s*((?:[0-9A-Z]{4}\s*){4,5})$/m', implode("\n", $sheet), $groups), implode("\n", $sheet));
        $key = (string) preg_replace('/\s+/', ' ', implode(' ', $groups[1]));
        [, $keys] = $old->lumbro('key');
        $count = TestDatabase::one($old->owner(), "select count(*) || ' ' || max(number) from repair_orders");
        $backup = "$old->folder/shop.backup";

        $new = $this->begun('new', '');
        self::assertSame('0', TestDatabase::one($new->owner(), 'select count(*) from repair_orders'));
        [$status, $said] = $new->lumbro("restore $backup", "no such key\nrestore\n");
        self::assertSame(1, $status, $said);
        self::assertStringContainsString('14 groups of four', $said);
        self::assertSame('0', TestDatabase::one($new->owner(), 'select count(*) from repair_orders'));
        [$status, $said] = $new->lumbro("restore $backup", "$key\nrestore\n");
        self::assertSame(0, $status, $said);
        self::assertSame($count, TestDatabase::one($new->owner(), "select count(*) || ' ' || max(number) from repair_orders"));
        self::assertSame($keys, $new->lumbro('key')[1], 'the same key signs on');
        self::assertSame('', trim($new->bash('php artisan lumbro:sign')[1]));
        self::assertSame($old->secret('APP_KEY'), $new->secret('APP_KEY'), 'second factors are read with it');
        self::assertSame($old->secret('BACKUP_KEY'), $new->secret('BACKUP_KEY'), 'the sheet opens what is backed up from here on too');
        self::assertStringContainsString('"status":"ok"', (string) file_get_contents($new->address() . '/health'));
        $this->anotherTakesThePort($new);
    }

    private function anotherTakesThePort(Installation $shop): void
    {
        $shop->lumbro('stop');
        $port = $shop->secret('LUMBRO_PORT');
        $other = stream_socket_server("tcp://127.0.0.1:$port");
        self::assertIsResource($other);
        [$status, $said] = $shop->lumbro('start');
        self::assertSame(1, $status, $said);
        self::assertStringContainsString("Port $port is taken by another program", $said);
        // A server that never ran has an address that nobody knows: another will do.
        unlink("$shop->folder/var/stamps/served");
        [$status, $said] = $shop->lumbro('start');
        self::assertSame(0, $status, $said);
        self::assertNotSame($port, $shop->secret('LUMBRO_PORT'));
        self::assertStringContainsString('"status":"ok"', (string) file_get_contents($shop->address() . '/health'));
        fclose($other);
    }

    private function begun(string $name, string $how): Installation
    {
        $this->installations[] = $installation = new Installation($name);
        [$status, $said] = $installation->lumbro("start $how");
        self::assertSame(0, $status, $said);

        return $installation;
    }
}
