<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** A tape, laser or staff of the kit: half-width accuracy and resolution in mm, shared errors as standard uncertainties. */
final readonly class MeasuringInstrument implements Checked
{
    /**
     * @param float      $accuracy   half-width, mm, > 0
     * @param float      $resolution smallest step shown, mm, > 0
     * @param float|null $sScale     standard uncertainty of the scale, without unit; null where there is none to speak of
     * @param float|null $sZero      of the zero, mm
     * @param float      $scale      known error of the scale, without unit: it shows so much more for every mm
     * @param float      $zero       known error of the zero, mm: it shows so much too much
     * @param float|null $reach      the longest it reads, mm; null where nobody said
     */
    public function __construct(
        #[Id]
        public string $id,
        #[Text(120)]
        public string $name,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $accuracy,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $resolution,
        #[Number('', Number::ABOVE_ZERO)]
        public ?float $sScale = null,
        #[Number('mm', Number::ABOVE_ZERO)]
        public ?float $sZero = null,
        #[Number('', -0.05, 0.05)]
        public float $scale = 0.0,
        #[Number('mm', -1_000, 1_000)]
        public float $zero = 0.0,
        #[Number('mm', Number::ABOVE_ZERO)]
        public ?float $reach = null,
    ) {}

    public function check(Node $node): void
    {
        foreach (['scale' => 'sScale', 'zero' => 'sZero'] as $known => $s) {
            if ($this->{$s} === null && $node->member($known) !== null) {
                throw InvalidInput::because($node->path() . "/$known", 'kit.error-without-s', ['field' => $s]);
            }
        }
    }

    public static function rule(): array
    {
        return ['dependentRequired' => ['scale' => ['sScale'], 'zero' => ['sZero']]];
    }
}
