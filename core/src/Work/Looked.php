<?php

declare(strict_types=1);

namespace Lumbro\Core\Work;

/** What a state came to once it was asked: finding the cheapest readings takes longer than all the rest. */
final class Looked
{
    public ?Present $present = null;
}
