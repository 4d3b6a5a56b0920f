<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** One line of a task's record. Lines are only ever added, in the order of their versions. */
abstract readonly class Line
{
    /**
     * @param string $id     UUID made by whoever recorded it
     * @param string $person who recorded it
     * @param string $at     when, ISO 8601
     */
    public function __construct(public string $id, public string $person, public string $at) {}
}
