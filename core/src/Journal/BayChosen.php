<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** The car goes into another bay: where it stood and what its floor read there are left behind. */
final readonly class BayChosen extends OrderLine
{
    /** @param string $bay id of the bay; $name as it was called then */
    public function __construct(string $id, string $person, string $at, public string $bay, public string $name)
    {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return 'stance';
    }
}
