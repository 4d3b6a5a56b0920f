<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Fields\Inline;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Row;
use Lumbro\Core\Fields\Tagged;
use Lumbro\Core\Fields\Text;

/** A measuring instrument of the register. */
#[Tagged('sort', 'instrument')]
final readonly class Instrument
{
    public const SIGNS = ['plus', 'minus'];

    public const KINDS = ['tape', 'rule', 'staff', 'laser', 'level', 'inclinometer', 'film-gauge', 'charger', 'scan-tool'];

    /**
     * @param string     $kind       one of KINDS
     * @param float|null $driftZero  how far its zero drifts, mm for the root of a month, a standard deviation; null where nobody said
     * @param float|null $driftScale the same of its scale, without unit
     * @param array{left: string, up: string}|null $signs of a scan tool: what it shows for an axis that points left of where it should, and above it; null where nobody looked
     */
    public function __construct(
        #[Choice(self::KINDS)]
        public string $kind,
        #[Inline(MeasuringInstrument::class)]
        public MeasuringInstrument $measures,
        #[Inline(Check::class)]
        public Check $check,
        #[Text]
        public string $note = '',
        #[Number('mm', 0, 100)]
        public ?float $driftZero = null,
        #[Number('', 0, 0.05)]
        public ?float $driftScale = null,
        #[Row(['left' => new Choice(self::SIGNS), 'up' => new Choice(self::SIGNS)])]
        public ?array $signs = null,
    ) {}

    /** As it counts on a day, by what its own readings taught: an overdue one with its uncertainties widened. */
    public function on(string $today, OverdueRule $rule, ?Lesson $lesson = null): MeasuringInstrument
    {
        $m = $lesson?->carriedTo($this, $today) ?? $this->measures;
        if (! $this->check->isOverdue($today) || $rule->widening <= 1) {
            return $m;
        }
        $wide = static fn(?float $s): ?float => $s === null ? null : $s * $rule->widening;

        return Copy::of($m, ['accuracy' => $m->accuracy * $rule->widening, 'sScale' => $wide($m->sScale), 'sZero' => $wide($m->sZero)]);
    }
}
