<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Whole;

/** Where on the maker's page a value stands: the page and how far along it and down it, as parts of it. */
final readonly class PageSpot
{
    public function __construct(
        #[Whole(1, 200)]
        public int $page,
        #[Number('', 0, 1)]
        public float $x,
        #[Number('', 0, 1)]
        public float $y,
    ) {}
}
