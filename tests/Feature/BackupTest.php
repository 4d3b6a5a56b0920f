<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Tests\Support\TestDatabase;

/** A backup is written, everything is destroyed, and the backup brings it back; a changed one is refused. */
final class BackupTest extends TestCase
{
    private const DATABASE = 'lumbro_test_backup';

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = getenv('LUMBRO_SCRATCH') . '/backup-' . bin2hex(random_bytes(4));
        mkdir("{$this->folder}/photos/ab", recursive: true);
        $server = TestDatabase::owner('postgres');
        foreach ([self::DATABASE, self::DATABASE . '_new'] as $name) {
            $server->exec("drop database if exists $name with (force)");
        }
        $server->exec('create database ' . self::DATABASE);
        $owner = TestDatabase::owner(self::DATABASE);
        $owner->exec("create table readings (id int primary key, typed text); insert into readings select i, 'as typed ' || i from generate_series(1, 5000) i; create index on readings (typed); grant select, insert on readings to lumbro_app");
        file_put_contents("{$this->folder}/photos/ab/abc", random_bytes(5000));
    }

    public function testWhatWasDestroyedComesBackWithItsRightsAndPhotos(): void
    {
        [$file, $photo] = ["{$this->folder}/shop.backup", (string) file_get_contents("{$this->folder}/photos/ab/abc")];
        $before = $this->sum();
        self::assertSame([0, ''], $this->bash('backup_write', $file));
        self::assertSame(2, $this->bash('backup_write', $file)[0]);
        TestDatabase::owner('postgres')->exec('drop database ' . self::DATABASE . ' with (force)');
        unlink("{$this->folder}/photos/ab/abc");
        self::assertSame([0, ''], $this->bash('backup_read', $file));
        self::assertSame($before, $this->sum());
        self::assertSame($photo, file_get_contents("{$this->folder}/photos/ab/abc"));
        $rights = TestDatabase::owner(self::DATABASE)->query("select has_table_privilege('lumbro_app', 'readings', 'insert'), has_table_privilege('lumbro_app', 'readings', 'delete')");
        self::assertSame([true, false], $rights === false ? [] : $rights->fetch(\PDO::FETCH_NUM));
    }

    public function testABackupThatWasChangedOrIsNoneTouchesNothing(): void
    {
        $file = "{$this->folder}/shop.backup";
        $this->bash('backup_write', $file);
        $before = $this->sum();
        exec(sprintf('cd %1$s && tar -xzf shop.backup && printf x >> lumbro-backup/photos/ab/abc && tar -czf changed.backup lumbro-backup && head -c 2000 shop.backup > short.backup && printf letter > letter.backup', escapeshellarg($this->folder)));
        foreach (['changed' => 'was changed or is not whole', 'short' => 'is no backup', 'letter' => 'is no backup', 'missing' => 'is no backup'] as $name => $words) {
            [$status, $said] = $this->bash('backup_read', "{$this->folder}/$name.backup");
            self::assertSame(2, $status, $name);
            self::assertStringContainsString($words, $said);
        }
        self::assertSame($before, $this->sum());
    }

    /** @return array{int, string} status and what was said */
    private function bash(string $what, string $file): array
    {
        $script = sprintf(
            'PG_BIN=/usr/lib/postgresql/15/bin; . %s; %s %s "$DB_PORT" "$DB_OWNER_PASSWORD" %s %s',
            escapeshellarg(dirname(__DIR__, 2) . '/deploy/lib/backup.sh'),
            $what,
            escapeshellarg($file),
            self::DATABASE,
            escapeshellarg("{$this->folder}/photos"),
        );
        exec('bash -c ' . escapeshellarg($script) . ' 2>&1', $said, $status);

        return [$status, implode("\n", $said)];
    }

    private function sum(): mixed
    {
        $found = TestDatabase::owner(self::DATABASE)->query("select count(*) || md5(string_agg(typed, ',' order by id)) from readings");

        return $found === false ? null : $found->fetchColumn();
    }
}
