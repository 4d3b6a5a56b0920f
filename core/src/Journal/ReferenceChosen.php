<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** The line that the card's values are taken from was chosen by the shop, because the card is silent (need J16). */
final readonly class ReferenceChosen extends Line
{
    /** @param string $reference "body-centreline", "thrust-line" or "axles" */
    public function __construct(string $id, string $person, string $at, public string $reference, public string $reason)
    {
        parent::__construct($id, $person, $at);
    }
}
