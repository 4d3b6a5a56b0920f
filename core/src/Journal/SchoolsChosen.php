<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** The schools a sensor's set-up is measured by were chosen; readings taken by others stay in the survey. */
final readonly class SchoolsChosen extends Line
{
    /** @param non-empty-list<string> $schools their ids */
    public function __construct(string $id, string $person, string $at, public array $schools)
    {
        parent::__construct($id, $person, $at);
    }
}
