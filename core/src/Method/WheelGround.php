<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Survey\Heading;
use Lumbro\Core\Survey\SurveyPoint;

/** The rear wheels' headings, the lasers clamped to them and the mirror on the bar. */
final class WheelGround
{
    /** How far a clamped laser stands outside the middle of its tyre, mm, and how well it is known. */
    private const OUTSIDE = 160.0;
    private const S_CLAMP = 0.7;

    /** How far a rear wheel's heading may lie off the car's middle line before it is measured, and a mirror off its bar's square, rad. */
    private const S_WHEEL = 0.3 * M_PI / 180;
    private const S_MIRROR = 0.04 * M_PI / 180;

    /** How far each laser stands from the car's middle, mm. */
    public static function halfSpacing(VehicleSheet $sheet): float
    {
        return $sheet->trackRear / 2 + self::OUTSIDE;
    }

    /** @return list<Heading> */
    public static function headings(): array
    {
        return [new Heading('wheelRL', 0.0, self::S_WHEEL), new Heading('wheelRR', 0.0, self::S_WHEEL), new Heading('mirror', 0.0, self::S_MIRROR)];
    }

    /** @return list<SurveyPoint> */
    public static function lasers(VehicleSheet $sheet): array
    {
        $y = self::halfSpacing($sheet);
        $s = hypot($sheet->sHub, self::S_CLAMP);

        return [new SurveyPoint('laserRL', 0, $y, $s, $s), new SurveyPoint('laserRR', 0, -$y, $s, $s)];
    }
}
