<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Shop;

use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Fields\Whole;

/** What it costs to have a car calibrated by somebody else, by this shop's own figures. */
final readonly class OutsideShop
{
    /**
     * @param string $name     of the other shop
     * @param float  $fee      for a car
     * @param int    $there    minutes to bring it there; as long again to fetch it
     * @param int    $away     minutes it is there
     * @param float  $hour     what an hour of somebody's work costs here
     * @param string $currency that both are in, as it is written behind a figure
     */
    public function __construct(
        #[Text(120)]
        public string $name,
        #[Number('', 0, 1_000_000)]
        public float $fee,
        #[Whole(1, 600)]
        public int $there,
        #[Whole(1, 6_000)]
        public int $away,
        #[Number('', 0, 100_000)]
        public float $hour,
        #[Text(12)]
        public string $currency,
    ) {}
}
