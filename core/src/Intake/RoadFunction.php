<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Journal\RoadTested;
use Lumbro\Core\Message\Message;

/** Something the driver assistance does on the road, which a person can see it do, and the sensors it rests on. */
final readonly class RoadFunction
{
    /** What a sensor that looks ahead is driven for. */
    private const AHEAD = ['sees-ahead', 'keeps-gap', 'slows'];

    /**
     * @param string            $id
     * @param Message $question what is to be seen, sides in the car's sense
     * @param list<string>      $sensors  ids
     * @param RoadTested|null   $tested   the line that counts; null where nobody said anything
     */
    private function __construct(public string $id, public Message $question, public array $sensors, public ?RoadTested $tested) {}

    /**
     * @param list<CarSensor>           $concerned sensors that are owed a calibration, or may be
     * @param array<string, RoadTested> $tested    function → the line that counts
     *
     * @return list<self> in the order of the car's sensors
     */
    public static function of(array $concerned, array $tested): array
    {
        $questions = [];
        $sensors = [];
        foreach ($concerned as $sensor) {
            foreach (self::questions($sensor) as $id => $question) {
                $questions[$id] = $question;
                $sensors[$id][] = $sensor->id;
            }
        }

        return array_map(
            static fn(string $id): self => new self($id, $questions[$id], $sensors[$id], $tested[$id] ?? null),
            array_keys($questions),
        );
    }

    /** @return array<string, Message> id → what is to be seen */
    private static function questions(CarSensor $sensor): array
    {
        $side = $sensor->side;
        $ids = match (true) {
            $sensor->kind === 'front' => self::AHEAD,
            $sensor->kind === 'front-corner' => [$side === 'middle' ? 'crossing' : "crossing-$side"],
            default => [$side === 'middle' ? 'warns-behind' : "warns-$side"],
        };

        return array_combine($ids, array_map(static fn(string $id): Message => Message::of("road.$id"), $ids));
    }
}
