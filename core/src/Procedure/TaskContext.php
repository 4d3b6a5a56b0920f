<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Intake\TaskOrder;

/** Everything a sensor task rests on besides its record. */
final readonly class TaskContext
{
    public School $school;

    public CardSpot $spot;

    public CarSensor $sensor;

    public Owed $owed;

    /** @var list<PreparationItem> */
    public array $preparation;

    /**
     * @param list<string>    $operations texts of what was done to the car
     * @param CarSensor|null  $sensor     the sensor as the sheet has it; the card's only sensor where it has none
     * @param TaskOrder|null  $order      what the repair order says to this task; the card alone speaks without it
     *
     * @throws InvalidInput where the card cannot be set up here yet
     */
    public function __construct(
        public ProcedureCard $card,
        public VehicleSheet $sheet,
        public Kit $kit,
        public Bay $bay,
        public array $operations,
        ?CarSensor $sensor = null,
        public ?TaskOrder $order = null,
    ) {
        $hindrance = self::hindrance($card);
        if ($hindrance !== null || ! $card->spot instanceof CardSpot) {
            throw InvalidInput::because('/spot', $hindrance ?? '');
        }
        $this->spot = $card->spot;
        $this->sensor = $sensor ?? self::sensorOf($card, $sheet);
        $this->owed = $order->owed ?? Owed::after(array_map(static fn(string $text): Operation => Operation::fromCode($text), $operations), $this->sensor, $card);
        $this->preparation = $order->preparation ?? $card->preparation;
        $this->school = new PlumbAndLine($card, $card->spot, $sheet, $kit, in_array("{$this->sensor->id}.along", $sheet->measured, true) || in_array("{$this->sensor->id}.across", $sheet->measured, true) ? $this->sensor : null);
    }

    /** Why a card's spot cannot be set up and measured here yet, to be read after "spot"; null where it can. */
    public static function hindrance(ProcedureCard $card): ?string
    {
        return match (true) {
            ! $card->spot instanceof CardSpot => 'is given by range and bearing, which cannot be measured out here yet: set it up by the card itself.',
            $card->spot->datum !== 'front-mark' => sprintf('is measured from "%s"; only a spot measured from the front mark can be measured out here yet.', $card->spot->datum),
            default => null,
        };
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

        return new CarSensor('front', $own->name, 'front', 'middle', null, 'front-cover', $sheet->wheelbase + $sheet->frontMark + $own->along, $own->across, $own->height, 0.0, $sheet->sSensor);
    }
}
