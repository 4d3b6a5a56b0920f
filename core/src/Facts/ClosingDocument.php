<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Intake\Closing;
use Lumbro\Core\Intake\OpenItem;
use Lumbro\Core\Intake\RoadFunction;

/** What keeps a repair order open and what was looked for on the road, as JSON documents. */
final class ClosingDocument
{
    /** @return list<array<string, mixed>> open items, and those handed over as they are */
    public static function items(Closing $closing): array
    {
        return array_map(static fn(OpenItem $item): array => [
            'id' => $item->id,
            'part' => $item->part,
            'says' => $item->says,
            'sensor' => $item->sensor,
            'canLeave' => $item->canLeave,
            'left' => $item->left === null ? null : ['person' => $item->left->person, 'reason' => $item->left->reason, 'at' => $item->left->at],
        ], $closing->items);
    }

    /**
     * @param list<RoadFunction> $functions
     *
     * @return list<array<string, mixed>> the functions to look for on the road, in the order of the car's sensors
     */
    public static function road(VehicleSheet $sheet, array $functions): array
    {
        return array_map(static fn(RoadFunction $function): array => [
            'id' => $function->id,
            'question' => $function->question,
            'sensors' => array_map(static fn(string $sensor): string => $sheet->sensor($sensor)->name ?? $sensor, $function->sensors),
            'found' => $function->tested?->found,
            'reason' => $function->tested?->reason,
            'driver' => $function->tested?->driver,
            'route' => $function->tested?->route,
            'weather' => $function->tested?->weather,
            'person' => $function->tested?->person,
            'at' => $function->tested?->at,
        ], $functions);
    }
}
