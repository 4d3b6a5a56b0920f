<?php

declare(strict_types=1);

namespace Lumbro\Core\Planning;

use Lumbro\Core\Catalogue\Bay\Bay;

/** In which bays a car can be worked, and which of its sensors without moving it (maths, sections 9 and 11). */
final class StanceRooms
{
    /**
     * Sensors that share a stance in the bay that needs the fewest of them, each with the bays that have room for it.
     *
     * @param array<string, Bay> $bays
     * @param list<Need>         $needs of the sensors
     *
     * @return array{stances: list<array{sensors: list<string>, bays: list<string>}>, unserved: list<string>}
     */
    public static function of(array $bays, Need $car, array $needs): array
    {
        $stances = [];
        $left = $needs;
        while ($left !== []) {
            $most = [];
            foreach ($bays as $bay) {
                $served = self::served($bay, $car, $left);
                $most = count($served) > count($most) ? $served : $most;
            }
            if ($most === []) {
                break;
            }
            $group = array_values(array_filter($left, static fn(Need $need): bool => in_array($need->id, $most, true)));
            $rooms = array_filter($bays, static fn(Bay $bay): bool => count(self::served($bay, $car, $group)) === count($group));
            $stances[] = ['sensors' => $most, 'bays' => array_map(strval(...), array_keys($rooms))];
            $left = array_values(array_filter($left, static fn(Need $need): bool => ! in_array($need->id, $most, true)));
        }

        return ['stances' => $stances, 'unserved' => array_map(static fn(Need $need): string => $need->id, $left)];
    }

    /**
     * @param list<Need> $needs
     *
     * @return list<string> those that one stance serves
     */
    private static function served(Bay $bay, Need $car, array $needs): array
    {
        $best = StanceSearch::best($bay, $car, $needs)[0] ?? null;

        return $best === null ? [] : array_values(array_filter(
            array_map(static fn(Fit $fit): string => $fit->need->id, $best['fits']),
            static fn(string $id): bool => $id !== $car->id,
        ));
    }
}
