<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Exercise\Order\Find;
use Lumbro\Core\Exercise\Order\OrderAnswer;
use Lumbro\Core\Exercise\Order\OrderCar;
use Lumbro\Core\Exercise\Order\Place;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Intake\Capture;
use Lumbro\Core\Intake\OpenItem;
use Lumbro\Core\Journal\OperationNoted;
use Lumbro\Core\Journal\ScanTaken;
use Lumbro\Core\Message\Message;

/** An order for somebody who practises on it: what stands in it, where one can look, and what was seen there; nothing of the truth beside. */
final class OrderBenchDocument
{
    /**
     * @param list<Place> $looked   where the learner has looked
     * @param bool        $isGuided whether it is said what Lumbro makes of what is written in the order
     *
     * @return array<string, mixed> (openapi.yaml, "OrderBench")
     */
    public static function write(OrderCar $order, PracticeCar $car, array $looked, bool $isGuided): array
    {
        $state = $order->noted();
        $sealed = $order->sealed();

        return [
            'begins' => $car->begins,
            'operations' => array_values(array_map(static fn(OperationNoted $noted): array => ['says' => $noted->operation->said($state->sheet), 'by' => $noted->person === OrderCar::WHO ? null : $noted->person], $state->record->operations)),
            'covers' => array_map(static fn(Cover $cover): array => ['id' => $cover->value, 'says' => $cover->said(), 'off' => $state->record->covers[$cover->value]->off ?? false], Cover::cases()),
            'scan' => self::scan($state->record->lastScan('post')),
            'sensors' => array_map(static fn(CarSensor $sensor): array => ['id' => $sensor->id, 'name' => $sensor->name, 'sealed' => in_array($sensor->id, $sealed, true)], $state->sheet->sensors),
            'places' => array_map(static fn(Place $place): array => self::place($order, $place, in_array($place, $looked, true)), $order->places()),
            'things' => $car->begins === 'close' ? array_map(static fn(string $thing): array => ['id' => $thing, 'says' => self::thing($order, $thing)], OrderAnswer::things($state->sheet)) : [],
            'advice' => $isGuided ? self::advice($order, $car) : null,
        ];
    }

    /** What can keep an order open, in words. */
    public static function thing(OrderCar $order, string $thing): Message
    {
        [$kind, $of] = [...explode(' ', $thing, 2), ''];

        return match ($kind) {
            'sensor' => Message::of('open.sensor', ['sensor' => $order->context->sheet->sensor($of)->name ?? $of]),
            'cover' => Message::of('open.cover', ['cover' => Cover::from($of)->said()]),
            default => Message::of('open.codes'),
        };
    }

    /**
     * The one thing that Lumbro would do now, by what is written in the order.
     *
     * @return array{says: Message|string, why: null}
     */
    public static function asked(OrderCar $order, PracticeCar $car): array
    {
        return ['says' => $car->begins === 'close' ? $order->closing()->waitsFor()->says : $order->noted()->waitsFor()->says, 'why' => null];
    }

    /** @return array<string, mixed> */
    private static function place(OrderCar $order, Place $place, bool $looked): array
    {
        $covered = $order->isCovered($place);

        return [
            'id' => $place->value,
            'says' => $place->said(),
            'looked' => $looked,
            'covered' => $covered,
            'finds' => $looked && ! $covered ? array_map(static fn(Find $find): array => [
                'says' => $find->says,
                'noted' => $find->isNoted,
                'line' => $find->kind === null ? null : ['kind' => $find->kind, 'payload' => $find->payload],
            ], $order->find($place)) : [],
        ];
    }

    /** @return array<string, mixed>|null */
    private static function scan(?ScanTaken $taken): ?array
    {
        return $taken === null ? null : ['by' => $taken->person === OrderCar::WHO ? null : $taken->person, 'codes' => array_map(static fn($code): string => "$code->unit $code->code", $taken->scan->codes)];
    }

    /** @return array<string, mixed> */
    private static function advice(OrderCar $order, PracticeCar $car): array
    {
        $state = $order->noted();

        return [
            'says' => self::asked($order, $car)['says'],
            'owed' => array_map(static fn(CarSensor $sensor): array => [
                'sensor' => $sensor->name,
                'state' => $state->owed[$sensor->id]->state->value,
                'why' => ($state->owed[$sensor->id]->reasons[0] ?? null)?->outcome->reason,
                'question' => ($state->owed[$sensor->id]->questions()[0] ?? null)?->question,
            ], $state->sheet->sensors),
            'captures' => array_map(static fn(Capture $capture): array => ['says' => $capture->said(), 'state' => $capture->state->value], $state->captures),
            'open' => $car->begins === 'close' ? array_map(static fn(OpenItem $item): Message => $item->says, array_values(array_filter($order->closing()->open(), static fn(OpenItem $item): bool => OrderCar::thing($item) !== null))) : [],
        ];
    }
}
