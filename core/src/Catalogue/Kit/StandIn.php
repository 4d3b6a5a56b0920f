<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

/** A target that another one may take the place of, and what changes then. */
final readonly class StandIn
{
    /** @param string $changes in a sentence */
    public function __construct(public string $target, public string $changes) {}
}
