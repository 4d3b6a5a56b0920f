<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Whole;

/** Where on the maker's page a value stands: the page and how far along it and down it, as parts of it. */
final readonly class PageSpot
{
    /**
     * @param int   $page the first is 1
     * @param float $x    from its left edge, 0 to 1
     * @param float $y    from its upper edge, 0 to 1
     */
    public function __construct(
        #[Whole(1, 200)]
        public int $page,
        #[Number('', 0, 1)]
        public float $x,
        #[Number('', 0, 1)]
        public float $y,
    ) {}
}
