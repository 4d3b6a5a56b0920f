<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Journal\RoadTested;

/** Something the driver assistance does on the road, which a person can see it do, and the sensors it rests on. */
final readonly class RoadFunction
{
    /** What a sensor that looks ahead is driven for. */
    private const AHEAD = [
        'sees-ahead' => 'Sees the car ahead',
        'keeps-gap' => 'Keeps its gap to the car ahead',
        'slows' => 'Slows when the car ahead slows',
    ];

    /**
     * @param string            $id
     * @param string            $question what is to be seen, sides in the car's sense
     * @param list<string>      $sensors  ids
     * @param RoadTested|null   $tested   the line that counts; null where nobody said anything
     */
    private function __construct(public string $id, public string $question, public array $sensors, public ?RoadTested $tested) {}

    /** @return list<self> of the sensors that are owed a calibration, or may be */
    public static function of(OrderState $state): array
    {
        $questions = [];
        $sensors = [];
        foreach ($state->concerned() as $sensor) {
            foreach (self::questions($sensor) as $id => $question) {
                $questions[$id] = $question;
                $sensors[$id][] = $sensor->id;
            }
        }

        return array_map(
            static fn(string $id): self => new self($id, $questions[$id], $sensors[$id], $state->record->roadTests[$id] ?? null),
            array_keys($questions),
        );
    }

    /** @return array<string, string> id → question */
    private static function questions(CarSensor $sensor): array
    {
        $side = $sensor->side;

        return match (true) {
            $sensor->kind === 'front' => self::AHEAD,
            $sensor->kind === 'front-corner' && $side === 'middle' => ['crossing' => 'Warns of a car that crosses ahead'],
            $sensor->kind === 'front-corner' => ["crossing-$side" => "Warns of a car that crosses ahead from the $side"],
            $side === 'middle' => ['warns-behind' => 'Warns of a car that comes up behind'],
            default => ["warns-$side" => "Warns of a car alongside on the $side"],
        };
    }
}
