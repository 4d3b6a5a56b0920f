<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Part;

/** Preconditions that are all answered with yes. */
final readonly class ConditionsWish
{
    /** @param list<ConditionItem> $items */
    public function __construct(
        #[ListOf(new Part(ConditionItem::class), 100)]
        public array $items,
    ) {}
}
