<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Fields\Number;

/** How large a slip could be at most in this shop before somebody sees it, mm; null where the usual bound stands. */
final readonly class SlipLimits
{
    /**
     * @param float|null $mark         of a plumbed mark, across the car
     * @param float|null $hub          of a plumbed hub
     * @param float|null $sensor       of the sensor's place on the car
     * @param float|null $sensorHeight of its height
     * @param float|null $tapeEnd      of the tape's end
     * @param float|null $ruleEnd      of a rule's end
     * @param float|null $floor        of a floor that nobody surveyed
     */
    public function __construct(
        #[Number('mm', 1, 300)]
        public ?float $mark = null,
        #[Number('mm', 1, 300)]
        public ?float $hub = null,
        #[Number('mm', 1, 300)]
        public ?float $sensor = null,
        #[Number('mm', 1, 300)]
        public ?float $sensorHeight = null,
        #[Number('mm', 1, 300)]
        public ?float $tapeEnd = null,
        #[Number('mm', 1, 300)]
        public ?float $ruleEnd = null,
        #[Number('mm', 1, 300)]
        public ?float $floor = null,
    ) {}
}
