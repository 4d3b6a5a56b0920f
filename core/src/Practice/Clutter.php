<?php

declare(strict_types=1);

namespace Lumbro\Core\Practice;

use Lumbro\Core\Fields\Number;

/** Something else in the target's range cell. */
final readonly class Clutter
{
    /**
     * @param float $level   against the target's, dB
     * @param float $bearing from the target, degrees
     */
    public function __construct(
        #[Number('dB', -60, 20)]
        public float $level,
        #[Number('°', -90, 90)]
        public float $bearing,
    ) {}
}
