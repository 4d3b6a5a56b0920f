<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

/** Where the card wants the target, from the front mark: mm, the stand's yaw in degrees; tolerances are half-widths. */
final readonly class CardSpot
{
    public function __construct(
        public float $along,
        public float $across,
        public float $yaw,
        public float $height,
        public string $heightDatum,
        public float $toleranceAlong,
        public float $toleranceAcross,
        public float $toleranceYaw,
        public float $toleranceHeight,
    ) {}
}
