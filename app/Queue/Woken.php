<?php

declare(strict_types=1);

namespace App\Queue;

use Illuminate\Queue\Worker;
use Illuminate\Support\Facades\DB;

/**
 * A worker that the database wakes when there is something to do, in place of one that asks four times a second. What it
 * did not hear of, such as what is to be tried again, it finds when its sleep is over.
 */
final class Woken extends Worker
{
    /** The database's channel (PostgreSQL 15, NOTIFY). */
    private const CHANNEL = 'lumbro_queue';

    /** @var \WeakReference<\PDO>|null the connection that listens: it is closed where the worker lets it go */
    private ?\WeakReference $listens = null;

    public static function of(Worker $worker): self
    {
        // Whoever runs the workers ends them and begins others: nobody tells them to in the application's cache.
        self::$restartable = self::$pausable = false;

        return new self($worker->manager, $worker->events, $worker->exceptions, $worker->isDownForMaintenance, $worker->resetScope);
    }

    /** To be called where work was put into the queue; it is heard once that is kept. */
    public static function wake(): void
    {
        DB::select('select pg_notify(?, ?)', [self::CHANNEL, '']);
    }

    /** @param int|float $seconds at most */
    public function sleep($seconds): void
    {
        try {
            $database = DB::connection()->getPdo();
            if ($this->listens?->get() !== $database) {
                // What came before it listened was told to nobody: it is looked for at once.
                $database->exec('listen ' . self::CHANNEL);
                $this->listens = \WeakReference::create($database);

                return;
            }
            // What it was told meanwhile is all looked for at once.
            for ($wait = (int) (1000 * $seconds); $this->isTold($database, $wait); $wait = 0);
        } catch (\Throwable) {
            // The database is away: what asks it next says so.
            $this->listens = null;
            parent::sleep($seconds);
        }
    }

    private function isTold(\PDO $database, int $milliseconds): bool
    {
        /** @var array<mixed>|false $told */
        $told = $database->pgsqlGetNotify(\PDO::FETCH_ASSOC, $milliseconds);

        return $told !== false;
    }
}
