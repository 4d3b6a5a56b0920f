<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;

/** How the target hangs. */
final readonly class StandWish
{
    /** As they are typed. */
    public function __construct(
        #[Number('°', -45, 45)]
        public float $tilt,
        #[Text(60)]
        public ?string $arm = null,
    ) {}
}
