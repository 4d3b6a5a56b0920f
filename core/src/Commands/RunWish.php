<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;

/** What a tool shows of the axis: with its own signs where the tool is named, otherwise with the card's. */
final readonly class RunWish
{
    /** As they are typed. */
    public function __construct(
        #[Number('°', -45, 45)]
        public float $azimuth,
        #[Number('°', -45, 45)]
        public float $elevation,
        #[Number('dB', -200, 200)]
        public ?float $level = null,
        #[Text(300)]
        public ?string $message = null,
        #[Text(60)]
        public ?string $tool = null,
    ) {}
}
