<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** A possible cause was looked into: found, and put right where that can be done here, or not found. */
final readonly class CauseChecked extends Line
{
    /** @param string $cause as the diagnosis names it */
    public function __construct(string $id, string $person, string $at, public string $cause, public bool $found, public string $note = '')
    {
        parent::__construct($id, $person, $at);
    }
}
