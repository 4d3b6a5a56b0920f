<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Fields\Day;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Whole;

/** What the shop's own accepted set-ups have taught of an instrument (maths, section 2.4). */
final readonly class Lesson
{
    private const DAYS_A_MONTH = 30.44;

    /**
     * @param string      $instrument id in the kit
     * @param float       $factor     how many times the stated uncertainty its readings scatter
     * @param int         $readings   how many it rests on
     * @param float       $redundancy how many of them the others check, in sum
     * @param float|null  $zero       what its zero came out as in the last survey that checked it, mm; null where none did
     * @param float|null  $sZero      standard uncertainty of that, mm
     * @param float|null  $scale      the same of its scale, without unit
     * @param float|null  $sScale     of that
     * @param string|null $at         day of that survey
     */
    public function __construct(
        #[Id]
        public string $instrument,
        #[Number('', 0.5, 5)]
        public float $factor,
        #[Whole(0, 10_000_000)]
        public int $readings,
        #[Number('', 0, 10_000_000)]
        public float $redundancy,
        #[Number('mm', -1_000, 1_000)]
        public ?float $zero = null,
        #[Number('mm', Number::ABOVE_ZERO)]
        public ?float $sZero = null,
        #[Number('', -0.05, 0.05)]
        public ?float $scale = null,
        #[Number('', Number::ABOVE_ZERO)]
        public ?float $sScale = null,
        #[Day]
        public ?string $at = null,
    ) {}

    /** The instrument with its zero and scale as they came out, unless it was checked since, or has drifted too long to say more than its check did. */
    public function carriedTo(Instrument $instrument, string $today): MeasuringInstrument
    {
        $m = $instrument->measures;
        if ($this->at === null || ($instrument->check->last !== null && $instrument->check->last >= $this->at)) {
            return $m;
        }
        $months = max(0.0, (strtotime($today) - strtotime($this->at)) / 86_400 / self::DAYS_A_MONTH);
        $sZero = self::drifted($this->sZero, $instrument->driftZero, $months);
        $sScale = self::drifted($this->sScale, $instrument->driftScale, $months);

        return Copy::of($m, [
            ...($this->zero !== null && $sZero !== null && $m->sZero !== null && $sZero < $m->sZero ? ['zero' => $this->zero, 'sZero' => $sZero] : []),
            ...($this->scale !== null && $sScale !== null && $m->sScale !== null && $sScale < $m->sScale ? ['scale' => $this->scale, 'sScale' => $sScale] : []),
        ]);
    }

    /** Null where nobody said how it drifts. */
    private static function drifted(?float $s, ?float $drift, float $months): ?float
    {
        return $s === null || $drift === null ? null : hypot($s, $drift * sqrt($months));
    }
}
