<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Measure\Node;

/** A long list of which little is needed at a time: its items are read when they are asked for. */
interface Later
{
    /**
     * @param list<Node> $nodes
     * @param Kind       $kind  of each item
     */
    public static function of(array $nodes, Kind $kind): self;

    /** @return list<mixed> every item */
    public function all(): array;
}
