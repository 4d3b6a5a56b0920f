<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;

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
        #[Id]
        public string $id,
        #[Text(60)]
        public string $label,
        #[Text(20)]
        public string $unit,
        #[Choice(self::AGAINST)]
        public string $against,
        #[Number]
        public ?float $least = null,
        #[Number]
        public ?float $most = null,
        #[Number('', Number::ABOVE_ZERO)]
        public ?float $within = null,
        #[Number('mm', -1_000, 1_000)]
        public float $mmPerUnit = 0.0,
        #[Choice(['front', 'rear'])]
        public ?string $axle = null,
    ) {}
}
