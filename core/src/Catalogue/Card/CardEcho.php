<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\Lost;
use Lumbro\Core\Fields\Number;

/** The level of the target's echo that a card expects, dB. */
final readonly class CardEcho
{
    /**
     * @param float|null $within    half-width about it; null where the card gives none
     * @param float|null $frequency of the radar, GHz; null where the card does not say
     */
    public function __construct(
        #[Number('dB', -200, 200), Lost]
        public float $expected,
        #[Number('dB', 1e-9, 200), Lost]
        public ?float $within = null,
        #[Number('GHz', 1, 200), Lost]
        public ?float $frequency = null,
    ) {}
}
