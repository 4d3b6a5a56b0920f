<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\Lost;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;

/** Elevation read with an inclinometer on the sensor: degrees, nose-up positive. */
final readonly class CardInclinometer
{
    /** @param string $where it is set; $within a half-width, null where the card gives none */
    public function __construct(
        #[Text(200)]
        public string $where,
        #[Number('°', -45, 45)]
        public float $expected,
        #[Number('°', 1e-6, 45), Lost]
        public ?float $within,
    ) {}
}
