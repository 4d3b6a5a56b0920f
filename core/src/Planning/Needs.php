<?php

declare(strict_types=1);

namespace Lumbro\Core\Planning;

use Lumbro\Core\Catalogue\Bay\Polygon;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\Ground;
use Lumbro\Core\SetUp\TaskContext;

/** What room the procedures of an order need about the car. */
final class Needs
{
    /** Around the car somebody walks with a tape, mm. */
    private const WALK = 450.0;

    /** Behind the stand's bar somebody works, mm; and beside its ends. */
    private const BEHIND_STAND = 500.0;
    private const BESIDE_STAND = 100.0;

    /** The car with the walking room around it. */
    public static function car(VehicleSheet $sheet): Need
    {
        [$front, $rear, $side] = [$sheet->wheelbase + $sheet->frontOverhang + self::WALK, -$sheet->rearOverhang - self::WALK, $sheet->width / 2 + self::WALK];

        return new Need('car', Message::of('fit.car'), [new Polygon([[$front, $side], [$rear, $side], [$rear, -$side], [$front, -$side]])]);
    }

    /** One sensor's. */
    public static function sensor(TaskContext $context, Ground $ground): Need
    {
        $at = $ground->nominal;
        [$lx, $ly] = [$at->x['barLeft'], $at->y['barLeft']];
        [$rx, $ry] = [$at->x['barRight'], $at->y['barRight']];
        [$tx, $ty] = [$at->x['target'], $at->y['target']];
        $width = hypot($lx - $rx, $ly - $ry);
        [$ux, $uy] = [($lx - $rx) / $width, ($ly - $ry) / $width];
        // Away from the car: from the sensor to the target.
        [$sx, $sy] = [$at->x['sensor'], $at->y['sensor']];
        $away = ($tx - $sx) * -$uy + ($ty - $sy) * $ux >= 0 ? 1 : -1;
        [$nx, $ny] = [-$uy * $away, $ux * $away];
        $corner = static fn(float $x, float $y, float $side, float $back): array => [$x + $side * $ux + $back * $nx, $y + $side * $uy + $back * $ny];
        $stand = new Polygon([
            $corner($lx, $ly, self::BESIDE_STAND, -100.0), $corner($lx, $ly, self::BESIDE_STAND, self::BEHIND_STAND),
            $corner($rx, $ry, -self::BESIDE_STAND, self::BEHIND_STAND), $corner($rx, $ry, -self::BESIDE_STAND, -100.0),
        ]);
        $rooms = count($context->zone) >= 3 ? [new Polygon($context->zone), $stand] : [$stand];

        return new Need($context->sensor->id, $context->sensor->name, $rooms, [$tx, $ty]);
    }
}
