<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** What a line of the estimate was: put to operations, or none of the calibration's concern. */
final readonly class LineSettled extends OrderLine
{
    /** @param string $line id of the line that was not understood */
    public function __construct(string $id, string $person, string $at, public string $line)
    {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "estimate $this->line";
    }
}
