<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Day\DayPlans;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;

/** Databases of the scratch cluster that `./lumbro test` starts; the shop's own is never touched. */
final class TestDatabase
{
    /** Holds whoever else would make the template at the same moment. */
    private const LOCK = 471_0815;

    private const TEMPLATE = 'lumbro_test_template';

    /** The demo shop's clock goes on from when its day was planned, however long ago that is. */
    public const WIND_BACK = 'update shops set clock_shift = extract(epoch from (select max(made_at) from day_plans where version = 1) - now())::int where practice';

    /** Makes a database with the tables and the demo shop in it, as a copy of one that is made once for all. */
    public static function create(string $name, Application $app): void
    {
        if (getenv('LUMBRO_CLUSTER') === false) {
            throw new \RuntimeException('These tests need a scratch database: run them with ./lumbro test.');
        }
        if (! str_starts_with($name, 'lumbro_test')) {
            throw new \RuntimeException("“{$name}” is no test database.");
        }
        $server = self::owner('postgres');
        $server->exec('select pg_advisory_lock(' . self::LOCK . ')');
        if ($server->query("select 1 from pg_database where datname = '" . self::TEMPLATE . "'")->fetch() === false) {
            $server->exec('create database ' . self::TEMPLATE);
            self::fill($app);
        }
        $server->exec("drop database if exists $name with (force)");
        $server->exec("create database $name template " . self::TEMPLATE);
        self::close($server, $name);
        self::owner($name)->exec(self::WIND_BACK);
        $server->exec('select pg_advisory_unlock(' . self::LOCK . ')');
        self::point($app, $name);
    }

    /** Makes a database with the tables and nothing in them. */
    public static function createEmpty(string $name, Application $app): void
    {
        if (getenv('LUMBRO_CLUSTER') === false || ! str_starts_with($name, 'lumbro_test')) {
            throw new \RuntimeException("“{$name}” is no database of a scratch cluster.");
        }
        $server = self::owner('postgres');
        $server->exec("drop database if exists $name with (force)");
        $server->exec("create database $name");
        self::close($server, $name);
        self::point($app, $name);
        $app->make(Kernel::class)->call('migrate', ['--database' => 'owner', '--force' => true]);
        $app->make('db')->purge('owner');
        $app->make('db')->purge('app');
    }

    /** The tables and the demo shop, in the template. */
    private static function fill(Application $app): void
    {
        self::point($app, self::TEMPLATE);
        $kernel = $app->make(Kernel::class);
        $kernel->call('migrate', ['--database' => 'owner', '--force' => true]);
        $kernel->call('db:seed', ['--class' => DemoSeeder::class, '--force' => true]);
        // Its day is planned once, not at the first look of every test: that takes some seconds.
        do {
            $plan = DayPlans::current(User::query()->where('email', 'oda@copperlane.example')->firstOrFail())->plan;
        } while ($plan === null);
        // A database that somebody is connected to cannot be copied.
        $app->make('db')->purge('owner');
        $app->make('db')->purge('app');
    }

    /** As a shop's is: nobody is let in but who must be. */
    private static function close(\PDO $server, string $name): void
    {
        $server->exec("revoke all on database $name from public");
        $server->exec("grant connect on database $name to lumbro_app, lumbro_backup");
    }

    private static function point(Application $app, string $database): void
    {
        foreach (['app', 'owner'] as $connection) {
            $app->make('config')->set("database.connections.$connection.database", $database);
            $app->make('db')->purge($connection);
        }
    }

    /** The first figure of the first row; empty where there is none. */
    public static function one(\PDO $owner, string $query): string
    {
        $found = $owner->query($query);

        return $found === false ? '' : (string) $found->fetchColumn();
    }

    public static function owner(string $database): \PDO
    {
        return new \PDO(
            sprintf('pgsql:host=127.0.0.1;port=%s;dbname=%s', getenv('DB_PORT'), $database),
            (string) getenv('DB_OWNER_USERNAME'),
            (string) getenv('DB_OWNER_PASSWORD'),
            [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION],
        );
    }

    /** Nobody reaches this database any more; what others work on beside it is as it was. */
    public static function stop(string $name): void
    {
        $server = self::owner('postgres');
        $server->exec("alter database $name with allow_connections false");
        $server->exec("select pg_terminate_backend(pid) from pg_stat_activity where datname = '$name' and usename in ('lumbro_app', 'lumbro_owner', 'lumbro_backup')");
    }

    /** It may be reached again. */
    public static function start(string $name): void
    {
        self::owner('postgres')->exec("alter database $name with allow_connections true");
    }
}
