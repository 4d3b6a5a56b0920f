<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

/** What the shop does with an instrument whose check is overdue: it bars the run, or widens the uncertainty. */
final readonly class OverdueRule
{
    /** @param float $widening ≥ 1: how many times larger an overdue instrument's uncertainties count */
    public function __construct(public bool $bars, public float $widening) {}
}
