<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** One target, stand or tool: it serves one car at a time. */
final readonly class KitUnit
{
    /** @param string|null $at the place where it is now */
    public function __construct(public string $id, public string $kind, public ?string $at = null) {}
}
