<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** One target, stand or tool: it serves one car at a time. */
final readonly class KitUnit
{
    /**
     * @param string|null  $at   the place where it is now
     * @param list<string> $also further kinds whose place it may take
     */
    public function __construct(public string $id, public string $kind, public ?string $at = null, public array $also = []) {}

    /** Whether it serves where one of a kind is asked for. */
    public function serves(string $kind): bool
    {
        return $kind === $this->kind || in_array($kind, $this->also, true);
    }
}
