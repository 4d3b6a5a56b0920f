<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

/** What is known of a car's shape, mm, and how well (standard uncertainties). Marks lie on its centreline. */
final readonly class VehicleSheet
{
    /** All in mm, > 0. */
    public function __construct(
        public string $make,
        public string $model,
        public float $wheelbase,
        public float $trackFront,
        public float $trackRear,
        public float $frontOverhang,
        public float $rearOverhang,
        public float $width,
        public float $height,
        public float $hubHeight,
        public float $tyreDiameter,
        public float $tyreWidth,
        /** front mark ahead of the front hubs */
        public float $frontMark,
        /** rear mark behind the rear hubs */
        public float $rearMark,
        public float $sHub,
        public float $sMarkAlong,
        public float $sMarkAcross,
        public float $sSensor,
        public float $sSensorHeight,
    ) {}
}
