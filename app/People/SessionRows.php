<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Session\DatabaseSessionHandler;

/** Sessions as rows, of which it can be said whether the one that was asked for is there. */
final class SessionRows extends DatabaseSessionHandler
{
    private bool $forgone = false;

    public function read($sessionId): string|false
    {
        $this->exists = $this->forgone = false;

        return parent::read($sessionId);
    }

    public function write($sessionId, $data): bool
    {
        return $this->forgone || parent::write($sessionId, $data);
    }

    public function isThere(): bool
    {
        return $this->exists;
    }

    /** One that nobody will ask for again is not begun. */
    public function forgo(): void
    {
        $this->forgone = ! $this->exists;
    }
}
