<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

use Lumbro\Core\Message\Message;

/** Something an order needs of the kit, and what the shop has for it (need J8). */
final readonly class KitNeed
{
    /**
     * @param list<string> $sensors ids of the sensors it is for
     * @param string       $state   "owned", "stands-in", "overdue" or "missing"
     * @param string|null  $item    what the shop has, by its name
     * @param string       $note    what changes, or what to do
     */
    public function __construct(
        public string $kind,
        public string|Message $wanted,
        public array $sensors,
        public string|Message $why,
        public string $state,
        public ?string $item,
        public string|Message $note,
        public bool $bars,
    ) {}
}
