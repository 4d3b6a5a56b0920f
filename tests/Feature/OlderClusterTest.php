<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Tests\Support\FreePort;

/** An installation whose owner was the cluster's administrator is divided where it stands: the data stays, the power goes. */
final class OlderClusterTest extends TestCase
{
    private const OWNER = 'owner-as-before';

    private const ADMIN = 'admin-from-now-on';

    private string $home;

    private int $port;

    protected function setUp(): void
    {
        $this->home = '/var/lib/lumbro/older-' . bin2hex(random_bytes(4));
        if (function_exists('posix_geteuid') && posix_geteuid() !== 0) {
            $this->home = getenv('LUMBRO_SCRATCH') . '/older-' . bin2hex(random_bytes(4));
        }
        $this->port = FreePort::find();
        // As it was made then.
        [$status, $said] = $this->bash(<<<'SH'
            mkdir -p "$HOME_OF" && chmod 700 "$HOME_OF"
            secret=$(mktemp) && printf '%s\n' "$OWNER" >"$secret"
            if [ "$(id -u)" -eq 0 ]; then chown postgres "$HOME_OF" "$secret"; fi
            as_postgres "$PG_BIN/initdb" -D "$HOME_OF" -U lumbro_owner --pwfile="$secret" --auth=scram-sha-256 -E UTF8 --locale=C.UTF-8 --no-sync
            rm -f "$secret"
            cluster_up "$HOME_OF" "$PORT"
            sql lumbro_owner "$OWNER" "$PORT" postgres -c "create role lumbro_app login password 'app'" -c 'create database lumbro'
            sql lumbro_owner "$OWNER" "$PORT" lumbro <<SQL
            create extension pg_trgm;
            create table readings (id bigint generated always as identity primary key, typed text);
            insert into readings (typed) select 'line ' || n from generate_series(1, 500) n;
            create function refuse() returns trigger language plpgsql as 'begin raise exception ''never''; end';
            create trigger never before update or delete on readings for each row execute function refuse();
            grant select, insert on readings to lumbro_app;
            SQL
            SH);
        self::assertSame(0, $status, $said);
    }

    protected function tearDown(): void
    {
        $this->bash('cluster_down "$HOME_OF"; rm -rf "$HOME_OF"');
    }

    public function testItsTablesGetAnOwnerWhoIsNoMoreThanThat(): void
    {
        $divide = 'cluster_divide "$ADMIN" "$PORT" "$OWNER" lumbro && cluster_roles "$ADMIN" "$PORT" "$OWNER" app backup && database_create lumbro "$PORT" "$OWNER"';
        // A second time changes nothing, as every start does it.
        foreach ([1, 2] as $time) {
            [$status, $said] = $this->bash($divide);
            self::assertSame([0, ''], [$status, $said], "time $time");
        }
        self::assertSame('500', $this->asked('lumbro_owner', self::OWNER, 'select count(*) from readings'));
        self::assertSame('f', $this->asked('lumbro_owner', self::OWNER, 'select rolsuper from pg_roles where rolname = current_user'));
        self::assertSame('lumbro_owner', $this->asked('lumbro_owner', self::OWNER, "select string_agg(distinct pg_get_userbyid(relowner), ' ') from pg_class where relnamespace = 'public'::regnamespace and relkind in ('r', 'S')"));
        // As the next migration will want to, and as the application works on.
        self::assertSame('', $this->asked('lumbro_owner', self::OWNER, 'alter table readings add hand text'));
        self::assertSame('', $this->asked('lumbro_owner', self::OWNER, 'create or replace function refuse() returns trigger language plpgsql as $$ begin raise exception $a$no$a$; end $$'));
        self::assertSame('501', $this->asked('lumbro_app', 'app', "insert into readings (typed) values ('after') returning id"));
        self::assertSame('501', $this->asked('lumbro_backup', 'backup', 'select count(*) from readings'));
        foreach ([['lumbro_first', self::OWNER], ['lumbro_owner', 'another'], ['lumbro_app', self::OWNER]] as [$role, $password]) {
            self::assertStringContainsString('authentication failed', $this->asked($role, $password, 'select 1'));
        }
        self::assertStringContainsString('permission denied', $this->asked('lumbro_owner', self::OWNER, "select pg_read_file('/etc/hostname')"));
    }

    private function asked(string $role, string $password, string $statement): string
    {
        return trim($this->bash(sprintf('sql %s %s "$PORT" lumbro -tAc %s', $role, escapeshellarg($password), escapeshellarg($statement)))[1]);
    }

    /** @return array{int, string} status and what was said */
    private function bash(string $script): array
    {
        $log = getenv('LUMBRO_SCRATCH') . '/older.log';
        $process = proc_open(
            ['bash', '-c', "set -euo pipefail; . deploy/lib/database.sh\n$script"],
            [['file', '/dev/null', 'r'], ['file', $log, 'w'], ['file', $log, 'a']],
            $pipes,
            dirname(__DIR__, 2),
            [...getenv(), 'ROOT' => dirname(__DIR__, 2), 'HOME_OF' => $this->home, 'PORT' => (string) $this->port, 'OWNER' => self::OWNER, 'ADMIN' => self::ADMIN],
        );
        self::assertIsResource($process);
        $status = proc_close($process);

        return [$status, (string) file_get_contents($log)];
    }
}
