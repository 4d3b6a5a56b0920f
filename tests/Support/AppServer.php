<?php

declare(strict_types=1);

namespace Tests\Support;

/** The application as it is served for real, nginx and php-fpm, on a free port and a database of its own. */
final class AppServer
{
    /** Where its settings, process ids and logs are. */
    public readonly string $run;

    /** @param list<string> $names by which it is asked over TLS, from the whole network; on this machine alone where there are none */
    public function __construct(public readonly string $database, public readonly int $port, private readonly array $names = [])
    {
        $this->run = getenv('LUMBRO_SCRATCH') . '/server-' . $port;
    }

    /** @param list<string> $names */
    public static function start(string $database, array $names = []): self
    {
        $server = new self($database, FreePort::find(), $names);
        $server->up();

        return $server;
    }

    public function up(): void
    {
        $this->serve('up', (string) $this->port, ...$this->names);
    }

    public function down(): void
    {
        $this->serve('down');
    }

    /** Kills the workers where they stand, as a power cut would. */
    public function kill(string ...$parts): void
    {
        foreach ($parts ?: ['nginx', 'fpm'] as $part) {
            $pid = (int) file_get_contents("{$this->run}/$part.pid");
            // Whoever begins workers first: one begun after the others were counted would live on.
            posix_kill($pid, SIGKILL);
            do {
                exec("pkill -KILL -s $pid; pgrep -s $pid -r D,I,R,S,T", $left, $none);
            } while ($none === 0);
        }
    }

    public function address(): string
    {
        return $this->names === [] ? "http://127.0.0.1:{$this->port}" : "https://{$this->names[0]}:{$this->port}";
    }

    private function serve(string ...$arguments): void
    {
        [$verb, $rest] = [array_shift($arguments), $arguments];
        $environment = [
            ...getenv(),
            'APP_ENV' => 'testing',
            'DB_DATABASE' => $this->database,
            'SESSION_DRIVER' => 'database',
            'CACHE_STORE' => 'database',
            'LOG_CHANNEL' => 'stderr',
            'LUMBRO_TLS' => "{$this->run}/tls",
        ];
        $log = getenv('LUMBRO_SCRATCH') . "/serve-{$this->port}.log";
        $process = proc_open(
            [dirname(__DIR__, 2) . '/deploy/serve', $verb, $this->run, ...$rest],
            [['file', '/dev/null', 'r'], ['file', $log, 'a'], ['file', $log, 'a']],
            $pipes,
            null,
            $environment,
        );
        if ($process === false || proc_close($process) !== 0) {
            throw new \RuntimeException('The server did not start: ' . file_get_contents($log));
        }
    }
}
