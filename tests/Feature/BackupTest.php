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

    /** What backups are locked with, 64 hexadecimal digits. */
    private string $key;

    protected function setUp(): void
    {
        $this->folder = getenv('LUMBRO_SCRATCH') . '/backup-' . bin2hex(random_bytes(4));
        mkdir("{$this->folder}/photos/ab", recursive: true);
        mkdir("{$this->folder}/keys/a-shop", recursive: true);
        file_put_contents("{$this->folder}/keys/a-shop/book", 'entries');
        $this->key = bin2hex(random_bytes(32));
        $server = TestDatabase::owner('postgres');
        foreach ([self::DATABASE, self::DATABASE . '_new', self::DATABASE . '_before'] as $name) {
            $server->exec("drop database if exists $name with (force)");
        }
        $server->exec('create database ' . self::DATABASE);
        $owner = TestDatabase::owner(self::DATABASE);
        $owner->exec("create table readings (id int primary key, typed text); insert into readings select i, 'as typed ' || i from generate_series(1, 5000) i; create index on readings (typed); grant select, insert on readings to lumbro_app; grant connect on database " . self::DATABASE . ' to lumbro_backup');
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
        $locked = (string) file_get_contents($file);
        $files = [
            'short' => [substr($locked, 0, 2000), 'not whole'],
            'shorter' => [substr($locked, 0, 30), 'not whole'],
            'without its end' => [substr($locked, 0, -1), 'not whole'],
            'with something behind' => [$locked . 'x', 'changed'],
            'letter' => ['letter', 'is no backup'],
            'nothing' => ['', 'is no backup'],
        ];
        for ($i = 0; $i < 8; $i++) {
            $changed = $locked;
            $at = 60 + intdiv($i * (strlen($locked) - 61), 7);
            $changed[$at] = chr(ord($changed[$at]) ^ 1);
            $files["changed at $at"] = [$changed, 'was changed or is not whole'];
        }
        foreach ($files as $name => [$bytes, $words]) {
            file_put_contents("{$this->folder}/forged", $bytes);
            [$status, $said] = $this->bash('backup_read', "{$this->folder}/forged");
            self::assertSame(2, $status, "$name: $said");
            self::assertStringContainsString($words, $said, $name);
        }
        self::assertSame(2, $this->bash('backup_read', "{$this->folder}/missing")[0]);
        self::assertSame($before, $this->sum());
        self::assertDirectoryDoesNotExist("{$this->folder}/work", 'nothing unlocked is left lying about');
    }

    public function testItIsLockedAndOpensWithItsOwnKeyAlone(): void
    {
        $file = "{$this->folder}/shop.backup";
        self::assertSame([0, ''], $this->bash('backup_write', $file));
        self::assertStringNotContainsString('lumbro-backup/about', (string) file_get_contents($file));
        self::assertSame(1, count((array) glob("{$this->folder}/{,.}*backup*", GLOB_BRACE)), 'the work on it is cleared away');
        $own = $this->key;
        foreach ([bin2hex(random_bytes(32)), ''] as $other) {
            $this->key = $other;
            self::assertSame(3, $this->bash('backup_read', $file)[0]);
        }
        $this->key = $own;
        self::assertSame(0, $this->bash('backup_open', $file)[0]);
        // The key as somebody copies it off the sheet, and with a slip.
        $paper = self::vault('paper', '', $own);
        self::assertSame(14, count(explode('-', trim($paper))));
        self::assertSame($own, trim(self::vault('typed', strtolower(strtr($paper, ['-' => ' ', '0' => 'o'])))));
        $slip = $paper;
        $slip[7] = $slip[7] === 'A' ? 'B' : 'A';
        self::assertStringContainsString('is wrong', self::vault('typed', $slip));
    }

    public function testABackupOfTheFirstEditionIsStillRead(): void
    {
        $file = "{$this->folder}/shop.backup";
        $this->bash('backup_write', $file);
        $before = $this->sum();
        $this->bash('backup_open', $file);
        exec(sprintf('cd %s/work && rm -r lumbro-backup/keys && sed -i "s/format 2/format 1/; /^rows/d" lumbro-backup/about && cd lumbro-backup && find . -type f ! -name checksums -print0 | xargs -0 sha256sum >checksums && cd .. && tar -czf ../first.backup lumbro-backup', escapeshellarg($this->folder)));
        $this->add('typed since');
        self::assertSame([0, ''], $this->bash('backup_read', "{$this->folder}/first.backup"));
        self::assertSame($before, $this->sum());
    }

    public function testKeysComeBackWhereThereAreNoneAndNeverOverABookThatGoesFurther(): void
    {
        $file = "{$this->folder}/shop.backup";
        $this->bash('backup_write', $file);
        file_put_contents("{$this->folder}/keys/a-shop/book", 'entries and more');
        self::assertSame(0, $this->bash('backup_read', $file)[0]);
        self::assertSame('entries and more', file_get_contents("{$this->folder}/keys/a-shop/book"));
        exec('rm -rf ' . escapeshellarg("{$this->folder}/keys"));
        self::assertSame(0, $this->bash('backup_read', $file)[0]);
        self::assertSame('entries', file_get_contents("{$this->folder}/keys/a-shop/book"));
    }

    public function testABackupIsProvenByPuttingItIntoADatabaseOfItsOwn(): void
    {
        $file = "{$this->folder}/shop.backup";
        $this->bash('backup_write', $file);
        $before = $this->sum();
        self::assertSame([0, ''], $this->bash('backup_prove', $file));
        self::assertSame($before, $this->sum());
        self::assertSame('0', TestDatabase::one(TestDatabase::owner('postgres'), "select count(*) from pg_database where datname = '" . self::DATABASE . "_proof'"));
        // One that has fewer rows than there were when it was made.
        $this->bash('backup_open', $file);
        exec(sprintf('cd %s/work && sed -i "s/rows readings .*/rows readings 5001/" lumbro-backup/about && cd lumbro-backup && find . -type f ! -name checksums -print0 | xargs -0 sha256sum >checksums && cd .. && tar -cz lumbro-backup | BACKUP_KEY=%s php %s lock >../fewer.backup', escapeshellarg($this->folder), $this->key, escapeshellarg(dirname(__DIR__, 2) . '/deploy/vault.php')));
        [$status, $said] = $this->bash('backup_prove', "{$this->folder}/fewer.backup");
        self::assertSame(1, $status);
        self::assertStringContainsString('5000 rows of readings; there were 5001', $said);
    }

    public function testOfNightlyBackupsSevenStayThenOneAWeekThenOneAMonth(): void
    {
        $folder = "{$this->folder}/nightly";
        mkdir($folder);
        $day = static fn(int $back): string => gmdate('Ymd', 1_790_000_000 - 86_400 * $back);
        for ($back = 0; $back < 500; $back++) {
            touch("$folder/lumbro-{$day($back)}T010000Z.backup");
        }
        touch("$folder/lumbro-by-hand.backup");
        $this->bash('backup_keep', $folder);
        $left = array_map(basename(...), (array) glob("$folder/*"));
        self::assertContains('lumbro-by-hand.backup', $left, 'what somebody made by hand is theirs');
        $days = array_values(array_filter(array_map(static fn(string $name): string => substr($name, 7, 8), $left), ctype_digit(...)));
        rsort($days);
        self::assertSame(array_map($day, range(0, 6)), array_slice($days, 0, 7));
        self::assertGreaterThanOrEqual(18, count($days));
        self::assertLessThanOrEqual(24, count($days));
        self::assertLessThan($day(300), end($days), 'the oldest is most of a year back');
        $this->bash('backup_keep', $folder);
        self::assertCount(count($left), (array) glob("$folder/*"), 'looked at again it is the same');
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

    private static function vault(string $do, string $typed, string $key = ''): string
    {
        $vault = proc_open(['bash', '-c', 'exec php "$0" "$1" 2>&1', dirname(__DIR__, 2) . '/deploy/vault.php', $do], [['pipe', 'r'], ['pipe', 'w']], $pipes, null, ['PATH' => (string) getenv('PATH'), 'BACKUP_KEY' => $key]);
        self::assertIsResource($vault);
        fwrite($pipes[0], $typed);
        fclose($pipes[0]);

        return (string) stream_get_contents($pipes[1]);
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
        [$file, $work, $photos, $keys] = array_map(escapeshellarg(...), [$file, "{$this->folder}/work", "{$this->folder}/photos", "{$this->folder}/keys"]);
        $database = self::DATABASE;

        return sprintf('cd %s; export BACKUP_KEY=%s; . deploy/lib/database.sh; . deploy/lib/backup.sh; ', escapeshellarg(dirname(__DIR__, 2)), $this->key) . match ($what) {
            'backup_write' => "backup_write $file \"\$DB_PORT\" \"\$DB_BACKUP_PASSWORD\" $database $photos $keys",
            'backup_prove' => "backup_prove $file $work \"\$DB_PORT\" \"\$DB_OWNER_PASSWORD\" $database",
            'backup_open' => "backup_open $file $work && ls $work/lumbro-backup",
            'backup_keep' => "backup_keep $file",
            'backup_read' => "backup_open $file $work && backup_fill $work \"\$DB_PORT\" \"\$DB_OWNER_PASSWORD\" $database $photos && backup_keys $work $keys && backup_switch \"\$DB_PORT\" \"\$DB_OWNER_PASSWORD\" $database",
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
