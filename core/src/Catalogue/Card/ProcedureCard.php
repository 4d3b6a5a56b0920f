<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Catalogue\ShopRules\CaptureItem;
use Lumbro\Core\Catalogue\ShopRules\CodeRule;
use Lumbro\Core\Catalogue\ShopRules\OwedRule;
use Lumbro\Core\Decision\Thresholds;
use Lumbro\Core\Drive\DriveRule;
use Lumbro\Core\Measure\TargetDrawing;

/** One procedure for one sensor, or a pair of them, of one car, with where it comes from and who stands for it. */
final readonly class ProcedureCard
{
    /**
     * @param string|null                    $checkedBy  the second person; null while nobody has checked it
     * @param CardSpot|CardPolarSpot         $spot       where the target goes
     * @param bool                           $isPlate    whether the target is a flat plate: it forgives lateral place but not
     *                                                   yaw, where a reflector does the reverse
     * @param float|null                     $echoExpected dB; null where the card gives none
     * @param float|null                     $echoWithin   dB about it, half-width
     * @param list<OwedRule>                 $rules
     * @param list<PreparationItem>          $preparation
     * @param list<array{float, float}>      $zone       corners of the keep-clear zone, mm in the vehicle frame
     * @param list<string>                   $cautions
     * @param list<string>                   $schools    allowed ways of establishing line and spot; empty where it is silent
     * @param string|null                    $reference  the line its values refer to; null where it is silent
     * @param list<CaptureItem>              $capture    asked for beside the shop's own list
     * @param list<CodeRule>                 $codes
     * @param list<CardNeed>                 $kit
     * @param list<CardStep>                 $steps
     * @param array<string, Provenance>      $provenance JSON Pointer of a value → where it alone comes from
     * @param array<string, list<OtherValue>> $others    JSON Pointer of a value → what other sources give for it
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $edition,
        public string $dated,
        public string $source,
        public string $enteredBy,
        public ?string $checkedBy,
        public CardSensor $sensor,
        public string $targetName,
        public TargetDrawing $target,
        public CardSpot|CardPolarSpot $spot,
        public ?float $echoExpected,
        public ?float $echoWithin,
        public array $rules,
        public array $preparation,
        public array $zone,
        public array $cautions,
        public Thresholds $thresholds = new Thresholds(),
        public ?CardFit $fit = null,
        public array $schools = [],
        public ?string $reference = null,
        public array $capture = [],
        public array $codes = [],
        public array $kit = [],
        public array $steps = [],
        public array $provenance = [],
        public array $others = [],
        public ?CardAdjustment $adjustment = null,
        public bool $isPlate = false,
        public ?DriveRule $drive = null,
    ) {}

    /** Whether a second person has checked it, so that it may be used for a proof. */
    public function isChecked(): bool
    {
        return $this->checkedBy !== null && $this->checkedBy !== $this->enteredBy;
    }

    /** The spot of a card that gives one along and across. */
    public function cartesianSpot(): ?CardSpot
    {
        return $this->spot instanceof CardSpot ? $this->spot : null;
    }
}
