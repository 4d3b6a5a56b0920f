<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Card\CardPolarSpot;
use Lumbro\Core\Catalogue\Card\CardSensor;
use Lumbro\Core\Catalogue\Card\CardSpot;
use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Kit\Kit;
use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Decision\RuleSet;
use Lumbro\Core\Intake\Owed;
use Lumbro\Core\Intake\TaskOrder;

/** Everything a sensor task rests on besides its record. */
final readonly class TaskContext
{
    /** Where the target goes, for this side of the car. */
    public CardSpot|CardPolarSpot $spot;

    /** The card's sensor, for this side of the car. */
    public CardSensor $cardSensor;

    /** @var list<array{float, float}> corners of the keep-clear zone for this side of the car, mm in the vehicle frame */
    public array $zone;

    public CarSensor $sensor;

    public Owed $owed;

    /** @var list<PreparationItem> */
    public array $preparation;

    /**
     * @param Bay             $bay        as seen from the car that stands in it
     * @param list<string>    $operations texts of what was done to the car
     * @param CarSensor|null  $sensor     the sensor as the sheet has it; the card's only sensor where it has none
     * @param TaskOrder|null  $order      what the repair order says to this task; the card alone speaks without it
     * @param list<float>     $earlierLevels echo levels of earlier accepted tasks by the same card, dB
     * @param RuleSet         $rules      by which it is judged
     */
    public function __construct(
        public ProcedureCard $card,
        public VehicleSheet $sheet,
        public Kit $kit,
        public Bay $bay,
        public array $operations,
        ?CarSensor $sensor = null,
        public ?TaskOrder $order = null,
        public array $earlierLevels = [],
        public RuleSet $rules = RuleSet::NOW,
    ) {
        $this->sensor = $sensor ?? self::sensorOf($card, $sheet);
        // A card for a pair is written for one side; the other side is its mirror image.
        $mirrored = match ($this->sensor->side) {
            'left' => $card->sensor->across < 0,
            'right' => $card->sensor->across > 0,
            default => false,
        };
        $spot = $mirrored ? $card->spot->mirrored() : $card->spot;
        // Level with the sensor's middle: the sheet's height of it, or the one measured on this car.
        $this->spot = $spot->level ? $spot->atHeight($card->target->convert($this->sensor->height, 'centre', $spot->heightDatum)) : $spot;
        $this->cardSensor = $mirrored ? $card->sensor->mirrored() : $card->sensor;
        $this->zone = $mirrored ? array_map(static fn(array $corner): array => [$corner[0], -$corner[1]], $card->zone) : $card->zone;
        $this->owed = $order->owed ?? Owed::after(array_map(static fn(string $text): Operation => Operation::fromCode($text), $operations), $this->sensor, $card);
        $this->preparation = $order->preparation ?? $card->preparation;
    }

    /** The same task at a car that is known otherwise. */
    public function at(VehicleSheet $sheet): self
    {
        return new self($this->card, $sheet, $this->kit, $this->bay, $this->operations, $sheet->sensor($this->sensor->id) ?? $this->sensor, order: $this->order, earlierLevels: $this->earlierLevels, rules: $this->rules);
    }

    /** The same task where its order says something else. */
    public function ordered(TaskOrder $order): self
    {
        return new self($this->card, $this->sheet, $this->kit, $this->bay, $this->operations, $this->sensor, order: $order, earlierLevels: $this->earlierLevels, rules: $this->rules);
    }

    /** Whether the sensor's place in plan was measured on this car. */
    public function isSensorMeasured(): bool
    {
        return $this->sheet->knows("{$this->sensor->id}.along") || $this->sheet->knows("{$this->sensor->id}.across");
    }

    /** The sensor's height where it was measured on this car, mm over the wheels' plane; null where nobody did. */
    public function measuredHeight(): ?float
    {
        return $this->sheet->knows("{$this->sensor->id}.height") ? $this->sensor->height : null;
    }

    /** What the shop has settled for readings near the limit; one reading is enough where nobody did. */
    public function policy(): Policy
    {
        return $this->order->policy ?? new Policy(1);
    }

    private static function sensorOf(ProcedureCard $card, VehicleSheet $sheet): CarSensor
    {
        foreach ($card->fit->sensors ?? [] as $id) {
            $sensor = $sheet->sensor($id);
            if ($sensor !== null) {
                return $sensor;
            }
        }
        $own = $card->sensor;

        return new CarSensor(id: 'front', name: $own->name, kind: 'front', side: 'middle', pair: null, behind: 'front-cover', along: $sheet->wheelbase + $sheet->frontMark + $own->along, across: $own->across, height: $own->height, facing: 0.0, s: $sheet->sSensor);
    }
}
