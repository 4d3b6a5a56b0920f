<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise\Order;

use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\ShopRules\TroubleCode;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Message\Message;

/** What is wrong with the order of a simulated car, for whoever makes one or watches somebody at it. */
final class OrderFaults
{
    /** @return list<Message> */
    public static function said(PracticeCar $car, VehicleSheet $sheet): array
    {
        $hidden = $car->order;
        if ($hidden === null) {
            return [];
        }

        return [
            ...array_map(static fn(Operation $operation): Message => Message::of('order-fault.unsaid', ['operation' => $operation->said($sheet)]), $hidden->unsaid),
            ...($car->begins === 'close' ? array_map(static fn(Cover $cover): Message => Message::of('order-fault.off', ['cover' => $cover->said()]), $hidden->off) : []),
            ...array_map(static fn(TroubleCode $code): Message => Message::of('order-fault.code', ['code' => $code->code, 'unit' => $code->unit]), $hidden->codes),
            ...array_map(static fn(string $sensor): Message => Message::of('order-fault.unsealed', ['sensor' => $sheet->sensor($sensor)->name ?? $sensor]), $hidden->unsealed),
        ];
    }
}
