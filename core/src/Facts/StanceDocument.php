<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Bay\Polygon;
use Lumbro\Core\Catalogue\Bay\Stance;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Planning\Fit;
use Lumbro\Core\Planning\Need;
use Lumbro\Core\Planning\StanceSearch;

/** Where the car stands, what fits there, and where it had better stand; mm in the bay. */
final class StanceDocument
{
    /**
     * @param Need       $car    the car with the way around it
     * @param list<Need> $needs  of the sensors that are owed
     * @param bool       $search whether better stances are looked for
     *
     * @return array<string, mixed>
     */
    public static function write(Bay $bay, Stance $now, Need $car, array $needs, bool $search): array
    {
        $suggested = $search ? StanceSearch::best($bay, $car, $needs) : [];
        $served = array_merge(...array_map(static fn(array $found): array => array_map(static fn(Fit $fit): string => $fit->need->id, $found['fits']), $suggested));
        $unserved = $search ? array_values(array_filter($needs, static fn(Need $need): bool => ! in_array($need->id, $served, true))) : [];

        return [
            'bay' => ['name' => $bay->name, 'outline' => $bay->outline, 'obstacles' => Document::write($bay)['obstacles'] ?? [], 'levelZone' => $bay->levelZone],
            'needs' => array_map(static fn(Need $need): array => [
                'id' => $need->id,
                'name' => $need->name,
                'rooms' => array_map(static fn(Polygon $room): array => $room->corners, $need->rooms),
                'spot' => $need->spot,
            ], [$car, ...$needs]),
            'now' => self::stance($now, array_map(static fn(Need $need): Fit => Fit::of($need, $bay, $now), [$car, ...$needs])),
            'suggested' => array_map(static fn(array $found): array => self::stance($found['stance'], $found['fits']), $suggested),
            'unserved' => array_map(static function (Need $need) use ($bay, $car): array {
                $nearest = StanceSearch::nearest($bay, $car, [$need]);

                return ['id' => $need->id, 'name' => $need->name, 'says' => Fit::of($need, $bay, $nearest)->said($nearest)];
            }, $unserved),
        ];
    }

    /**
     * @param list<Fit> $fits
     *
     * @return array<string, mixed>
     */
    private static function stance(Stance $stance, array $fits): array
    {
        usort($fits, static fn(Fit $a, Fit $b): int => $a->clearance <=> $b->clearance);

        return [
            'x' => $stance->x,
            'y' => $stance->y,
            'heading' => $stance->heading,
            'clearance' => $fits === [] ? null : $fits[0]->clearance,
            'fits' => array_map(static fn(Fit $fit): array => [
                'id' => $fit->need->id,
                'name' => $fit->need->name,
                'holds' => $fit->holds(),
                'clearance' => $fit->clearance,
                'says' => $fit->said($stance),
                'at' => $fit->at,
            ], $fits),
        ];
    }
}
