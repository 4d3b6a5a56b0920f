<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

/** A measuring instrument of the register. */
final readonly class Instrument
{
    public const KINDS = ['tape', 'rule', 'staff', 'laser', 'level', 'inclinometer', 'film-gauge', 'charger', 'scan-tool'];

    /** @param string $kind one of KINDS */
    public function __construct(public string $kind, public MeasuringInstrument $measures, public Check $check, public string $note = '') {}

    /** As it counts on a day: an overdue one with its uncertainties widened. */
    public function on(string $today, OverdueRule $rule): MeasuringInstrument
    {
        $m = $this->measures;
        if (! $this->check->isOverdue($today) || $rule->widening <= 1) {
            return $m;
        }
        $wide = static fn(?float $s): ?float => $s === null ? null : $s * $rule->widening;

        return new MeasuringInstrument($m->id, $m->name, $m->accuracy * $rule->widening, $m->resolution, $wide($m->sScale), $wide($m->sZero), $m->scale, $m->zero);
    }
}
