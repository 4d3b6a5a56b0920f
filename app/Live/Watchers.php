<?php

declare(strict_types=1);

namespace App\Live;

use React\Stream\WritableStreamInterface;

/** Those who watch repair orders: each gets, of its own order, what is told of it (server-sent events, WHATWG HTML 9.2). */
final class Watchers
{
    /** So many at once; who comes later is told to ask from time to time instead. */
    public const MOST = 400;

    /** @var array<string, array<int, WritableStreamInterface>> order → streams */
    private array $streams = [];

    /** False where there are too many already. */
    public function add(string $order, WritableStreamInterface $stream): bool
    {
        if ($this->count() >= self::MOST) {
            return false;
        }
        $this->streams[$order][spl_object_id($stream)] = $stream;
        $stream->on('close', fn() => $this->forget($order, $stream));

        return true;
    }

    /** Tells those who watch an order. */
    public function tell(string $order, string $event, string $data): void
    {
        foreach ($this->streams[$order] ?? [] as $stream) {
            $this->write($stream, "event: $event\ndata: $data\n\n");
        }
    }

    /** A sign of life, without which whatever lies between lets go of a silent connection. */
    public function beat(): void
    {
        foreach ($this->streams as $streams) {
            foreach ($streams as $stream) {
                $this->write($stream, ": here\n\n");
            }
        }
    }

    public function count(): int
    {
        return array_sum(array_map(count(...), $this->streams));
    }

    /** Who does not read what was told is let go: nothing piles up here. */
    private function write(WritableStreamInterface $stream, string $text): void
    {
        if (! $stream->write($text)) {
            $stream->close();
        }
    }

    private function forget(string $order, WritableStreamInterface $stream): void
    {
        unset($this->streams[$order][spl_object_id($stream)]);
        if (($this->streams[$order] ?? []) === []) {
            unset($this->streams[$order]);
        }
    }
}
