<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\Vehicle\Mark;

/** What is plumbed as the car's middle at one of its ends. */
final readonly class MarkPlumbed extends OrderLine
{
    /**
     * @param string $end  "front" or "rear"
     * @param string $note what it is, where it is none of the usual; may be empty
     */
    public function __construct(string $id, string $person, string $at, public string $end, public Mark $mark, public string $note = '')
    {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return 'mark ' . $this->end;
    }
}
