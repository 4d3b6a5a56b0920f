<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Exercise\Order\Find;
use Lumbro\Core\Exercise\Order\OrderAnswer;
use Lumbro\Core\Exercise\Order\OrderCar;
use Lumbro\Core\Exercise\Order\Place;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Exercise\Score;
use Lumbro\Core\Intake\Capture;

/** What an exercise at an order came to: what was true beside what the learner said, and where each thing was to be seen. */
final class OrderReckoningDocument
{
    /**
     * @param list<Place> $looked where the learner looked
     *
     * @return array<string, mixed> (openapi.yaml, "OrderReckoning")
     */
    public static function write(OrderCar $order, PracticeCar $car, OrderAnswer $answer, array $looked, Score $score): array
    {
        $noted = $order->noted()->record->operations;

        return [
            'score' => ScoreDocument::write($score),
            'begins' => $car->begins,
            'unsaid' => array_map(static fn(Operation $operation): array => [
                'says' => $operation->said($order->context->sheet),
                'place' => Place::of($operation, $order->context->sheet)->said(),
                'looked' => in_array(Place::of($operation, $order->context->sheet), $looked, true),
                'noted' => isset($noted[$operation->text()]),
            ], $order->unsaid()),
            'sensors' => array_map(static fn(CarSensor $sensor): array => self::sensor($order, $answer, $sensor), $order->context->sheet->sensors),
            'captures' => array_map(static fn(Capture $capture): array => ['says' => $capture->said(), 'had' => OrderCar::isHad($capture)], $order->captures()),
            'open' => $car->begins === 'close' ? self::open($order, $answer) : [],
            'closes' => $car->begins === 'close' ? ['true' => $order->open() === [], 'said' => $answer->close] : null,
            // The best plan: where to look, and what is seen there.
            'places' => array_map(static fn(Place $place): array => [
                'says' => $place->said(),
                'looked' => in_array($place, $looked, true),
                'finds' => array_map(static fn(Find $find) => $find->says, $order->find($place)),
            ], $order->telling()),
            'forNothing' => array_map(static fn(Place $place) => $place->said(), array_values(array_filter($looked, static fn(Place $place): bool => array_filter($order->find($place), static fn(Find $find): bool => $find->kind !== null) === []))),
        ];
    }

    /** @return array<string, mixed> */
    private static function sensor(OrderCar $order, OrderAnswer $answer, CarSensor $sensor): array
    {
        $owed = $order->true()->owed[$sensor->id];

        return [
            'name' => $sensor->name,
            'owed' => $owed->state !== OwedState::NotOwed,
            'said' => in_array($sensor->id, $answer->owed, true),
            'operation' => ($owed->reasons[0] ?? null)?->operation->said($order->context->sheet),
            'why' => ($owed->reasons[0] ?? null)?->outcome->reason,
        ];
    }

    /** @return list<array<string, mixed>> what keeps it open, or was said to */
    private static function open(OrderCar $order, OrderAnswer $answer): array
    {
        $open = $order->open();

        return array_map(static fn(string $thing): array => [
            'says' => OrderBenchDocument::thing($order, $thing),
            'true' => in_array($thing, $open, true),
            'said' => in_array($thing, $answer->open, true),
        ], array_values(array_unique([...$open, ...array_intersect(OrderAnswer::things($order->context->sheet), $answer->open)])));
    }
}
