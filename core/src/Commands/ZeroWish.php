<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\Number;

/** A zero to store. */
final readonly class ZeroWish
{
    /** As they are typed. */
    public function __construct(
        #[Number('°', -10, 10)]
        public float $azimuth,
        #[Number('°', -10, 10)]
        public float $elevation,
    ) {}
}
