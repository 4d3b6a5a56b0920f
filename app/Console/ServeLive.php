<?php

declare(strict_types=1);

namespace App\Console;

use App\Live\LiveServer;
use Illuminate\Console\Command;
use React\EventLoop\Loop;

/** The process that tells watchers what is new. It ends where the database does, and is begun again by whoever looks after it. */
final class ServeLive extends Command
{
    protected $signature = 'lumbro:live {socket : path of its Unix socket}';

    protected $description = 'Tell those who watch a repair order what is new';

    public function handle(): int
    {
        $settings = (array) config('database.connections.app');
        $quoted = static fn(string $value): string => "'" . addcslashes($value, "'\\") . "'";
        $database = @pg_connect(implode(' ', array_map(
            static fn(string $name, string $key): string => $name . '=' . $quoted((string) $settings[$key]),
            ['host', 'port', 'dbname', 'user', 'password'],
            ['host', 'port', 'database', 'username', 'password'],
        )));
        if ($database === false) {
            $this->error('The database does not answer.');

            return self::FAILURE;
        }
        $loop = Loop::get();
        (new LiveServer($loop))->serve((string) $this->argument('socket'), $database);

        return self::SUCCESS;
    }
}
