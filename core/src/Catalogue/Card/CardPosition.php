<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;

/** One position of a plate: degrees from square, pitch up and yaw anticlockwise positive. */
final readonly class CardPosition
{
    /** @param string $words what to do to get there */
    public function __construct(
        #[Id]
        public string $id,
        #[Text]
        public string $words,
        #[Number('°', -45, 45)]
        public float $pitch,
        #[Number('°', -45, 45)]
        public float $yaw,
    ) {}
}
