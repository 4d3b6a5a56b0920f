<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** A border-line axis was accepted by the shop's policy, in somebody's name. It proves nothing (need J29). */
final readonly class BorderlineAccepted extends Line
{
    /** @param string $name who answers for it, and $reason why */
    public function __construct(string $id, string $person, string $at, public string $name, public string $reason)
    {
        parent::__construct($id, $person, $at);
    }
}
