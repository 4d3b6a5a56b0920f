<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

use Lumbro\Core\Fields\Flag;
use Lumbro\Core\Fields\Number;

/** What the shop does with an instrument whose check is overdue: it bars the run, or widens the uncertainty. */
final readonly class OverdueRule
{
    /** @param float $widening ≥ 1: how many times larger an overdue instrument's uncertainties count */
    public function __construct(
        #[Flag]
        public bool $bars,
        #[Number('', 1, 100)]
        public float $widening,
    ) {}
}
