<?php

declare(strict_types=1);

namespace App\Live;

use PgSql\Connection;
use React\EventLoop\LoopInterface;
use React\Socket\ConnectionInterface;
use React\Socket\UnixServer;

/**
 * Holds open what watchers listen on, in one process of its own: no worker waits for news. It hears of them from the
 * database, and is reached through the web server alone, once the application has let the watcher pass.
 */
final readonly class LiveServer
{
    /** Where the web server sends whoever was let pass; an order's id follows. */
    public const PREFIX = '/live-stream/';

    /** Longer than any head that the web server sends, bytes. */
    private const HEAD = 16_384;

    /** Seconds between two signs of life. */
    private const BEAT = 15.0;

    /** Seconds after which a watcher is let go, comes again and is looked at anew: a session that ended ends it here. */
    private const LONGEST = 300.0;

    private Watchers $watchers;

    public function __construct(private LoopInterface $loop)
    {
        $this->watchers = new Watchers();
    }

    /**
     * Serves until the database is gone or the process is ended.
     *
     * @param string $socket path of its Unix socket
     */
    public function serve(string $socket, Connection $database): void
    {
        @unlink($socket);
        $mask = umask(0o117);
        $server = new UnixServer($socket, $this->loop);
        umask($mask);
        $server->on('connection', $this->connected(...));
        pg_query($database, 'listen ' . News::CHANNEL);
        $this->loop->addReadStream(pg_socket($database) ?: throw new \RuntimeException('The database has no socket.'), fn() => $this->hear($database));
        $this->loop->addPeriodicTimer(self::BEAT, function () use ($database): void {
            $this->watchers->beat();
            // A database that went without a word is found out like this.
            if (@pg_query($database, 'select 1') === false) {
                $this->loop->stop();
            }
            $this->hear($database);
        });
        foreach ([SIGTERM, SIGINT] as $signal) {
            $this->loop->addSignal($signal, $this->loop->stop(...));
        }
        $this->loop->run();
        $server->close();
        @unlink($socket);
    }

    private function hear(Connection $database): void
    {
        if (! pg_consume_input($database)) {
            $this->loop->stop();

            return;
        }
        while (is_array($note = pg_get_notify($database))) {
            [$order, $event, $data] = [...explode(' ', $note['payload'], 3), '', ''];
            $this->watchers->tell($order, $event, $data);
        }
    }

    private function connected(ConnectionInterface $asked): void
    {
        $head = '';
        $asked->on('data', function (string $part) use (&$head, $asked): void {
            $head .= $part;
            if (str_contains($head, "\r\n\r\n") || strlen($head) > self::HEAD) {
                $asked->removeAllListeners('data');
                $this->answer($asked, $head);
            }
        });
    }

    private function answer(ConnectionInterface $asked, string $head): void
    {
        if (preg_match('~^GET ' . self::PREFIX . '([0-9a-f-]{36}) HTTP/1\.[01]\r\n~', $head, $match) !== 1) {
            $asked->end("HTTP/1.0 404 Not Found\r\nConnection: close\r\n\r\n");

            return;
        }
        if (! $this->watchers->add($match[1], $asked)) {
            $asked->end("HTTP/1.0 503 Service Unavailable\r\nConnection: close\r\n\r\n");

            return;
        }
        $over = $this->loop->addTimer(self::LONGEST, static fn() => $asked->end());
        $asked->on('close', fn() => $this->loop->cancelTimer($over));
        // What was missed before this is asked for by whoever hears that it is open now; a second's pause before it comes again.
        $asked->write("HTTP/1.0 200 OK\r\nContent-Type: text/event-stream\r\nCache-Control: no-store\r\nConnection: close\r\n\r\nretry: 1000\nevent: open\ndata: here\n\n");
    }
}
