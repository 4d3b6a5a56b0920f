<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppServer;
use Tests\Support\TestDatabase;

/** Whoever gets into the web process has its role and its files, and can still change nothing of the record. */
final class LeastPowerTest extends FeatureCase
{
    private const DENIED = '42501';

    /** @return iterable<string, array{string}> what the web's role is refused for want of a right */
    public static function forbidden(): iterable
    {
        foreach (['readings', 'record_events', 'order_events', 'sealed_records', 'reader_visits', 'archives', 'tracks', 'tool_logs', 'day_plans', 'shop_rule_versions', 'residuals', 'instrument_errors', 'migrations', 'book_entries', 'book_seals', 'shop_log'] as $table) {
            yield "delete $table" => ["delete from $table"];
            yield "truncate $table" => ["truncate $table cascade"];
            yield "alter $table" => ["alter table $table disable trigger all"];
            yield "take $table" => ["alter table $table owner to lumbro_app"];
            yield "drop $table" => ["drop table $table"];
        }
        yield 'a reading' => ['update readings set id = id'];
        yield 'a seal' => ['update sealed_records set id = id'];
        yield 'the shop\'s log' => ['update shop_log set id = id'];
        yield 'the seal book' => ['update book_entries set number = number'];
        yield 'a link\'s log' => ['update reader_visits set id = id'];
        yield 'a file written' => ["copy (select 'x') to '/tmp/lumbro-out'"];
        yield 'a file read' => ["create temp table t (line text); copy t from '/etc/hostname'"];
        yield 'a program' => ["copy (select 'x') to program 'cat'"];
        yield 'a file by function' => ["select pg_read_file('/etc/hostname')"];
        yield 'a folder' => ["select pg_ls_dir('/')"];
        yield 'a large object from a file' => ["select lo_import('/etc/hostname')"];
        yield 'passwords' => ['select rolpassword from pg_authid'];
        yield 'the owner\'s place' => ['set role lumbro_owner'];
        yield 'the administrator\'s place' => ['set role lumbro_admin'];
        yield 'triggers' => ['set session_replication_role = replica'];
        yield 'a role' => ['create role visitor superuser'];
        yield 'a database' => ['create database lumbro_more'];
        yield 'a library' => ["create function grab() returns int language c as '/tmp/grab', 'grab'"];
        yield 'files as tables' => ['create extension file_fdw'];
        yield 'a table of its own' => ['create table notes (line text)'];
        yield 'a function of its own' => ["create function now() returns int language sql as 'select 1'"];
        yield 'settings' => ["alter system set log_statement = 'all'"];
        yield 'others\' sessions' => ["select pg_terminate_backend(pid) from pg_stat_activity where usename = 'lumbro_admin' or usename is null"];
    }

    #[DataProvider('forbidden')]
    public function testTheWebsRoleIsRefused(string $statement): void
    {
        try {
            self::web(self::DATABASE)->exec($statement);
            self::fail('It was done.');
        } catch (\PDOException $refused) {
            self::assertSame(self::DENIED, $refused->getCode(), $refused->getMessage());
        }
    }

    public function testTheWebsRoleIsLetIntoTheShopsDatabaseAlone(): void
    {
        $this->expectExceptionMessageMatches('/permission denied for database/');
        self::web('postgres');
    }

    public function testTheOwnerIsNoAdministratorAndTheBackupOnlyReads(): void
    {
        $found = TestDatabase::owner('postgres')->query("select rolname, rolsuper, rolcreaterole, rolcreatedb, rolreplication, rolbypassrls from pg_roles where rolname in ('lumbro_app', 'lumbro_backup', 'lumbro_owner') order by rolname");
        self::assertSame([
            ['lumbro_app', false, false, false, false, false],
            ['lumbro_backup', false, false, false, false, false],
            ['lumbro_owner', false, false, true, false, false],
        ], $found === false ? [] : $found->fetchAll(\PDO::FETCH_NUM));
        $backup = self::connected(self::DATABASE, 'lumbro_backup', (string) getenv('DB_BACKUP_PASSWORD'));
        self::assertNotSame('', TestDatabase::one($backup, 'select count(*) from readings'));
        $this->expectExceptionMessageMatches('/permission denied for table readings/');
        $backup->exec('delete from readings');
    }

    public function testTheServerKnowsTheWebsPasswordAlone(): void
    {
        $server = AppServer::start(self::DATABASE);
        try {
            $settings = (string) file_get_contents("{$server->run}/config.php");
            self::assertStringContainsString((string) getenv('DB_PASSWORD'), $settings);
            $pid = (int) file_get_contents("{$server->run}/fpm.pid");
            $workers = array_filter(explode("\n", (string) shell_exec("pgrep -P $pid")));
            self::assertNotSame([], $workers);
            foreach (['DB_OWNER_PASSWORD', 'DB_BACKUP_PASSWORD'] as $name) {
                self::assertStringNotContainsString((string) getenv($name), $settings);
                foreach ([$pid, ...$workers] as $process) {
                    self::assertStringNotContainsString((string) getenv($name), (string) file_get_contents("/proc/$process/environ"));
                }
            }
        } finally {
            $server->down();
        }
    }

    private static function web(string $database): \PDO
    {
        return self::connected($database, 'lumbro_app', (string) getenv('DB_PASSWORD'));
    }

    private static function connected(string $database, string $role, string $password): \PDO
    {
        return new \PDO(sprintf('pgsql:host=127.0.0.1;port=%s;dbname=%s', getenv('DB_PORT'), $database), $role, $password, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
    }
}
