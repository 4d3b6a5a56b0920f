<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** One line of a repair order's record. Lines are only ever added; of those about the same matter the last one counts. */
abstract readonly class OrderLine extends Line
{
    /** What the line is about: two people writing of the same matter must see each other's lines. */
    abstract public function subject(): string;
}
