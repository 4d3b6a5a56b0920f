<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Message\Message;

/** Somebody lets one run go ahead although the interlock holds, in their name and for a reason. */
final readonly class RunReleased extends Line
{
    /** @param list<string|Message> $overrode what the interlock had said */
    public function __construct(
        string $id,
        string $person,
        string $at,
        public string $name,
        public string $reason,
        public array $overrode,
    ) {
        parent::__construct($id, $person, $at);
    }
}
