<?php

declare(strict_types=1);

namespace App\Queue;

use Illuminate\Support\Facades\DB;

/** Work in a process of its own, which may be ended at any moment: with so much time, so much memory, and only while it is wanted. */
final class Bounded
{
    public const DONE = 'done';
    public const TOO_LONG = 'too-long';
    public const TOO_LARGE = 'too-large';
    public const UNWANTED = 'unwanted';
    /** Something from outside ended it. */
    public const KILLED = 'killed';

    /** PHP's own status where memory is at an end. */
    private const FATAL = 255;

    /** Seconds between two looks whether it is still wanted. */
    private const LOOK = 0.3;

    /**
     * @param \Closure(): void $work
     * @param \Closure(): bool $isWanted asked again and again
     *
     * @return string how it ended
     */
    public static function run(\Closure $work, float $seconds, int $megabytes, \Closure $isWanted): string
    {
        // The two would talk over one connection: each makes its own.
        DB::disconnect();
        $pid = pcntl_fork();
        if ($pid === -1) {
            throw new \RuntimeException('No process could be begun.');
        }
        if ($pid === 0) {
            self::child($work, $megabytes);
        }
        // Its own group, so that whatever it begins ends with it; whoever of the two comes first says so.
        @posix_setpgid($pid, $pid);
        $began = microtime(true);
        $looked = $began;
        $ended = null;
        while (($found = pcntl_waitpid($pid, $status, WNOHANG)) === 0) {
            usleep(10_000);
            $now = microtime(true);
            if ($ended !== null || $now - $looked < self::LOOK) {
                continue;
            }
            $looked = $now;
            Beat::touch();
            $ended = match (true) {
                // Whoever ends the worker has it begun again by another.
                app('queue.worker')->shouldQuit => self::KILLED,
                $now - $began > $seconds => self::TOO_LONG,
                ! $isWanted() => self::UNWANTED,
                default => null,
            };
            if ($ended !== null) {
                // With whatever it has begun itself.
                posix_kill(-$pid, SIGKILL) || posix_kill($pid, SIGKILL);
            }
        }

        return $ended ?? match ($found === $pid && pcntl_wifexited($status) ? pcntl_wexitstatus($status) : null) {
            0 => self::DONE,
            self::FATAL => self::TOO_LARGE,
            default => self::KILLED,
        };
    }

    /** @param \Closure(): void $work */
    private static function child(\Closure $work, int $megabytes): never
    {
        @posix_setpgid(0, 0);
        foreach ([SIGTERM, SIGQUIT, SIGALRM, SIGUSR2, SIGCONT] as $signal) {
            pcntl_signal($signal, SIG_DFL);
        }
        ini_set('memory_limit', "{$megabytes}M");
        try {
            $work();
            DB::disconnect();
        } catch (\Throwable $failure) {
            report($failure);
            exit(1);
        }
        exit(0);
    }
}
