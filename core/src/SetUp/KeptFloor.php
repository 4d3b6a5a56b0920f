<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Catalogue\Bay\FloorSurvey;
use Lumbro\Core\Catalogue\Bay\Stance;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Method\FloorGround;

/** The floor of a bay as the staffs of one car's order showed it, for the next car that stands there. */
final class KeptFloor
{
    /**
     * @param array<string, FloorRead>            $floor place → staff
     * @param array<string, array{float, float}> $sites sensor → where its target's foot is, mm in the vehicle frame
     * @param Stance                              $stance where the car stands in its bay
     * @param float                               $s      standard uncertainty of one staff reading, mm
     *
     * @return FloorSurvey|null in the bay's frame; null where not all four wheels were read
     */
    public static function of(VehicleSheet $sheet, array $floor, array $sites, Stance $stance, float $s, string $date, string $by): ?FloorSurvey
    {
        $places = FloorGround::wheels($sheet);
        foreach ($sites as $sensor => $at) {
            $places["site-$sensor"] = $at;
        }
        $read = [];
        foreach ($floor as $place => $staff) {
            $once = FloorRead::once((string) $place);
            if (isset($places[$once]) && $staff->value !== null) {
                $read[$once][] = $staff->value;
            }
        }
        if (array_diff_key(FloorGround::wheels($sheet), $read) !== []) {
            return null;
        }
        $points = [];
        foreach ($read as $place => $values) {
            [$x, $y] = $stance->toBay($places[$place]);
            $points[] = ['x' => round($x), 'y' => round($y), 'reading' => array_sum($values) / count($values)];
        }

        return new FloorSurvey($date, $by, $s, SiteFloor::LASER_TILT, $points);
    }
}
