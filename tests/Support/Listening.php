<?php

declare(strict_types=1);

namespace Tests\Support;

/** Listens for what is new of a repair order, as a browser's EventSource does. */
final class Listening
{
    /** @var resource */
    private $process;

    /** @var resource */
    private $stream;

    private string $heard = '';

    public function __construct(string $address, string $order, string $cookies)
    {
        $process = proc_open(['curl', '-sN', '-w', '%{http_code}', '-H', "Cookie: $cookies", "$address/api/repair-orders/$order/live"], [['file', '/dev/null', 'r'], ['pipe', 'w']], $pipes);
        $this->process = $process ?: throw new \RuntimeException('Nobody listens.');
        $this->stream = $pipes[1];
        stream_set_blocking($this->stream, false);
    }

    /** Whether a text is heard within so many seconds. */
    public function hears(string $text, float $seconds): bool
    {
        for ($until = microtime(true) + $seconds; microtime(true) < $until; usleep(5_000)) {
            $this->heard .= (string) fread($this->stream, 65_536);
            if (str_contains($this->heard, $text)) {
                return true;
            }
        }

        return false;
    }

    /** All that was heard so far. */
    public function heard(): string
    {
        return $this->heard .= (string) fread($this->stream, 65_536);
    }

    public function end(): void
    {
        proc_terminate($this->process);
        proc_close($this->process);
    }
}
