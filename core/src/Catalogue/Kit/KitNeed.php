<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

/** Something an order needs of the kit, and what the shop has for it (need J8). */
final readonly class KitNeed
{
    /**
     * @param list<string> $sensors names of the sensors it is for
     * @param string       $state   "owned", "stands-in", "overdue" or "missing"
     * @param string|null  $item    what the shop has, by its name
     * @param string       $note    what changes, or what to do
     */
    public function __construct(
        public string $kind,
        public string $wanted,
        public array $sensors,
        public string $why,
        public string $state,
        public ?string $item,
        public string $note,
        public bool $bars,
    ) {}
}
