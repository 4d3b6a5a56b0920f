<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Message\Message;

/** The car goes back to another trade with a fault that cannot be put right here, in somebody's name (needs J29, J36). */
final readonly class SentBack extends Line
{
    /**
     * @param string       $fault   as the diagnosis names it
     * @param string       $name    who decided it
     * @param list<string|Message> $reasons as they stood on the screen
     */
    public function __construct(string $id, string $person, string $at, public string $fault, public string $name, public array $reasons, public string $note = '')
    {
        parent::__construct($id, $person, $at);
    }
}
