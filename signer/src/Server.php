<?php

declare(strict_types=1);

namespace Lumbro\Signer;

use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Measure\Node;

/** The signing service on a socket: a JSON document in, one out. A worker that dies is followed by another. */
final class Server
{
    /** Larger than any archive's content, bytes. */
    private const LONGEST = 16_000_000;

    /** How long somebody may take to ask, seconds. */
    private const PATIENCE = 10;

    /** A worker makes room for another after so many answers. */
    private const ANSWERS = 500;

    private int $child = 0;

    private bool $ends = false;

    /** @param string $home folder of all shops' keys and books */
    public function __construct(private readonly string $home) {}

    /** Serves until it is told to end. */
    public function serve(string $socket): void
    {
        @unlink($socket);
        $mask = umask(0o117);
        $listening = stream_socket_server("unix://$socket", $code, $said) ?: throw new \RuntimeException("The socket $socket cannot be had: $said");
        umask($mask);
        pcntl_async_signals(true);
        // A wait that a signal ended is not taken up again.
        pcntl_signal(SIGTERM, $this->end(...), false);
        pcntl_signal(SIGINT, $this->end(...), false);
        while (! $this->ends()) {
            $this->child = pcntl_fork();
            if ($this->child === 0) {
                pcntl_signal(SIGTERM, SIG_DFL);
                pcntl_signal(SIGINT, SIG_DFL);
                $this->work($listening);
                exit(0);
            }
            $began = microtime(true);
            while (pcntl_waitpid($this->child, $status) === -1 && ! $this->ends()) {
            }
            if (microtime(true) - $began < 0.5) {
                usleep(200_000);
            }
        }
        @unlink($socket);
    }

    private function end(): void
    {
        $this->ends = true;
        if ($this->child > 0) {
            posix_kill($this->child, SIGTERM);
        }
    }

    private function ends(): bool
    {
        return $this->ends;
    }

    /** @param resource $listening */
    private function work($listening): void
    {
        // The one who watches over it is gone: nobody would put another in its place.
        $parent = posix_getppid();
        for ($i = 0; $i < self::ANSWERS && posix_getppid() === $parent;) {
            $asked = @stream_socket_accept($listening, 2);
            if ($asked === false) {
                continue;
            }
            $i++;
            stream_set_timeout($asked, self::PATIENCE);
            $text = stream_get_contents($asked, self::LONGEST + 1);
            $answer = $text === false || stream_get_meta_data($asked)['timed_out'] || strlen($text) > self::LONGEST ? ['refused' => ['say' => 'signer.not-understood']] : $this->answered($text);
            @fwrite($asked, json_encode($answer, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION));
            fclose($asked);
        }
    }

    /** @return array<string, mixed> */
    private function answered(string $text): array
    {
        try {
            $f = Node::parse($text)->fields(['do', 'shop', 'known'], ['after', 'seals', 'record', 'content']);
            $do = $f['do']->oneOf(['entries', 'earlier', 'record', 'archive']);
            if (! isset($f[['entries' => 'after', 'earlier' => 'seals', 'record' => 'record', 'archive' => 'content'][$do]])) {
                throw new Refused('signer.not-understood');
            }

            return (new Signing(new Home($this->home, $f['shop']->line(60)), self::now(...)))->answer($do, $f);
        } catch (Refused $refused) {
            return ['refused' => $refused->said];
        } catch (CoreFailure $failure) {
            return ['refused' => ['say' => 'signer.not-read', 'with' => ['why' => $failure->said]]];
        } catch (\Throwable $failure) {
            error_log('lumbro-signer: ' . $failure->getMessage());

            return ['refused' => ['say' => 'signer.failed']];
        }
    }

    public static function now(): string
    {
        return (new \DateTimeImmutable('now', new \DateTimeZone('UTC')))->format('Y-m-d\TH:i:s.v\Z');
    }
}
