<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** Something that keeps the order open is handed over as it is, in somebody's name and for a reason (need J36). */
final readonly class LeftOpen extends OrderLine
{
    /** @param string $item id of the open item */
    public function __construct(string $id, string $person, string $at, public string $item, public string $reason)
    {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "left-open $this->item";
    }
}
