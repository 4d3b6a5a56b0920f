<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

/** A value that a precondition has, and what it must be. */
final readonly class ConditionValue
{
    public const AGAINST = ['limits', 'placard-front', 'placard-rear', 'ride-height-front', 'ride-height-rear'];

    /**
     * @param string     $against one of AGAINST: its own limits, or the vehicle's sheet within ±$within
     * @param float|null $least   in its unit
     * @param float|null $most    in its unit
     * @param float|null $within  half-width about the sheet's value
     * @param float      $mmPerUnit how far the body rises, mm, for one unit more at this axle; 0 where it does not
     */
    public function __construct(
        public string $id,
        public string $label,
        public string $unit,
        public string $against,
        public ?float $least = null,
        public ?float $most = null,
        public ?float $within = null,
        public float $mmPerUnit = 0.0,
        public ?string $axle = null,
    ) {}
}
