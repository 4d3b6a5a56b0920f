<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

use Lumbro\Core\Message\Message;

/** A line that is readable, but may not be written as the record stands, or not by this person. */
final class NotAllowed extends CoreFailure
{
    private string $problem = '';

    private bool $isOfRole = false;

    /** @var list<Message> */
    private array $bars = [];

    /**
     * @param string $problem machine-readable name of what stands in the way
     * @param string|null $path JSON Pointer, where a field is to blame
     */
    public static function now(string $problem, Message $said, ?string $path = null): self
    {
        $made = new self($said, $path);
        $made->problem = $problem;

        return $made;
    }

    /** Somebody in this role may not. */
    public static function forbidden(Message $said): self
    {
        $made = self::now('forbidden', $said);
        $made->isOfRole = true;

        return $made;
    }

    /**
     * The interlock holds, and nobody has released it.
     *
     * @param list<Message> $bars
     */
    public static function barred(array $bars): self
    {
        $made = self::now('run-barred', Message::of('run.barred', ['bars' => $bars]));
        $made->bars = $bars;

        return $made;
    }

    public function errorCode(): string
    {
        return $this->problem;
    }

    /** Whether it is the person who may not, rather than the record. */
    public function isOfRole(): bool
    {
        return $this->isOfRole;
    }

    public function details(): array
    {
        return $this->bars === [] ? [] : ['bars' => $this->bars];
    }
}
