<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** A sealed record was opened again, in somebody's name and for a reason; its next seal is a revision on top of the one before. */
final readonly class Reopened extends Line
{
    /** @param string $name who answers for it, and $reason why */
    public function __construct(string $id, string $person, string $at, public string $name, public string $reason)
    {
        parent::__construct($id, $person, $at);
    }
}
