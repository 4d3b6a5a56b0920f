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
        foreach ([self::DATABASE, self::DATABASE . '_new', self::DATABASE . '_before'] as $name) {
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
        self::assertSame(0o600, fileperms($file) & 0o777, 'nobody else reads it');
        self::assertSame(2, $this->bash('backup_write', $file)[0]);
        TestDatabase::owner('postgres')->exec('drop database ' . self::DATABASE . ' with (force)');
        unlink("{$this->folder}/photos/ab/abc");
        self::assertSame([0, ''], $this->bash('backup_read', $file));
        self::assertSame($before, $this->sum());
        self::assertSame($photo, file_get_contents("{$this->folder}/photos/ab/abc"));
        $rights = TestDatabase::owner(self::DATABASE)->query("select has_table_privilege('lumbro_app', 'readings', 'insert'), has_table_privilege('lumbro_app', 'readings', 'delete')");
        self::assertSame([true, false], $rights === false ? [] : $rights->fetch(\PDO::FETCH_NUM));
        self::assertSame('', TestDatabase::one(TestDatabase::owner('postgres'), "select has_database_privilege('public', '" . self::DATABASE . "', 'connect') or null"), 'and nobody else is let in');
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

    public function testWhatWasThereStandsAsideAndComesBack(): void
    {
        $file = "{$this->folder}/shop.backup";
        $this->bash('backup_write', $file);
        $backed = $this->sum();
        $this->add('typed after the backup');
        $later = $this->sum();
        self::assertSame([0, ''], $this->bash('backup_read', $file));
        self::assertSame($backed, $this->sum());
        // There and back, whoever is connected, as often as somebody likes.
        foreach ([$later, $backed, $later] as $expected) {
            $readers = [TestDatabase::owner(self::DATABASE), new \PDO(sprintf('pgsql:host=127.0.0.1;port=%s;dbname=%s', getenv('DB_PORT'), self::DATABASE), 'lumbro_app', (string) getenv('DB_PASSWORD'))];
            self::assertSame([0, ''], $this->bash('backup_back'));
            self::assertSame($expected, $this->sum());
            unset($readers);
        }
        // What broke off in an older edition, between two names, is brought back too.
        TestDatabase::owner('postgres')->exec('drop database ' . self::DATABASE . ' with (force)');
        self::assertSame([0, ''], $this->bash('backup_back'));
        self::assertSame($backed, $this->sum());
    }

    public function testAPhotoThatCannotBeCopiedLeavesEverythingAsItWas(): void
    {
        $file = "{$this->folder}/shop.backup";
        $this->bash('backup_write', $file);
        $this->add('typed after the backup');
        $before = $this->sum();
        exec('rm -rf ' . escapeshellarg("{$this->folder}/photos/ab"));
        // A file where the photo's folder belongs stops everybody, whatever their rights.
        file_put_contents("{$this->folder}/photos/ab", 'x');
        [$status, $said] = $this->bash('backup_read', $file);
        self::assertSame(1, $status);
        self::assertStringContainsString('could not be copied; nothing was changed', $said);
        self::assertSame($before, $this->sum());
    }

    public function testAPhotoThatBrokeOffHalfWayIsMadeWhole(): void
    {
        [$file, $photo] = ["{$this->folder}/shop.backup", (string) file_get_contents("{$this->folder}/photos/ab/abc")];
        $this->bash('backup_write', $file);
        file_put_contents("{$this->folder}/photos/ab/abc", substr($photo, 0, 700));
        self::assertSame([0, ''], $this->bash('backup_read', $file));
        self::assertSame($photo, file_get_contents("{$this->folder}/photos/ab/abc"));
    }

    public function testBrokenOffAtTwentyPlacesNothingIsLostAndItGoesOn(): void
    {
        $file = "{$this->folder}/shop.backup";
        $this->bash('backup_write', $file);
        $backed = $this->sum();
        $began = hrtime(true);
        $this->bash('backup_read', $file);
        $whole = (hrtime(true) - $began) / 1e9;
        $left = ['old' => 0, 'new' => 0];
        for ($place = 1; $place <= 20; $place++) {
            $this->add("typed before break $place");
            $old = $this->sum();
            $this->broken($file, $whole * $place / 20);
            $now = $this->sum();
            self::assertContains($now, [$old, $backed], "broken off at $place of 20");
            $left[$now === $old ? 'old' : 'new']++;
            if ($now === $backed) {
                self::assertSame([0, ''], $this->bash('backup_back'));
                self::assertSame($old, $this->sum(), 'what was there stands aside whole');
            }
        }
        self::assertGreaterThan(5, $left['old']);
        self::assertSame([0, ''], $this->bash('backup_read', $file));
        self::assertSame($backed, $this->sum());
    }

    private function add(string $line): void
    {
        TestDatabase::owner(self::DATABASE)->prepare('insert into readings select max(id) + 1, ? from readings')->execute([$line]);
    }

    /** A restore of which every process is killed after some seconds. */
    private function broken(string $file, float $seconds): void
    {
        $process = proc_open(['setsid', 'bash', '-c', $this->script('backup_read', $file)], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes);
        self::assertIsResource($process);
        usleep((int) (1e6 * $seconds));
        posix_kill(-proc_get_status($process)['pid'], SIGKILL);
        proc_close($process);
        // What it was doing in the database ends by itself, or is ended by whoever comes next.
        TestDatabase::owner('postgres')->exec("select pg_terminate_backend(pid) from pg_stat_activity where datname like '" . self::DATABASE . "%' and usename in ('lumbro_app', 'lumbro_owner', 'lumbro_backup')");
    }

    /** @return array{int, string} status and what was said */
    private function bash(string $what, string $file = ''): array
    {
        exec('bash -c ' . escapeshellarg($this->script($what, $file)) . ' 2>&1', $said, $status);

        return [$status, implode("\n", $said)];
    }

    private function script(string $what, string $file): string
    {
        [$file, $work, $photos] = array_map(escapeshellarg(...), [$file, "{$this->folder}/work", "{$this->folder}/photos"]);
        $database = self::DATABASE;

        return sprintf('cd %s; . deploy/lib/database.sh; . deploy/lib/backup.sh; ', escapeshellarg(dirname(__DIR__, 2))) . match ($what) {
            'backup_write' => "backup_write $file \"\$DB_PORT\" \"\$DB_BACKUP_PASSWORD\" $database $photos",
            'backup_read' => "backup_open $file $work && backup_fill $work \"\$DB_PORT\" \"\$DB_OWNER_PASSWORD\" $database $photos && backup_switch \"\$DB_PORT\" \"\$DB_OWNER_PASSWORD\" $database",
            'backup_back' => "backup_back \"\$DB_PORT\" \"\$DB_OWNER_PASSWORD\" $database",
            default => throw new \InvalidArgumentException($what),
        };
    }

    private function sum(): mixed
    {
        $found = TestDatabase::owner(self::DATABASE)->query("select count(*) || md5(string_agg(typed, ',' order by id)) from readings");

        return $found === false ? null : $found->fetchColumn();
    }
}
