<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Bay\Obstacle;
use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\SetUp\SetUp;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Survey\Geometry;

/** The plan and the side view as plain figures, mm in the vehicle frame, for whoever draws them. */
final class PlanDrawing
{
    /** √ of the 95 % point of chi-square with two degrees of freedom. */
    private const ELLIPSE_95 = 2.4477468306808161;

    /** @return array<string, mixed> */
    public static function of(TaskContext $context, SetUp $setUp): array
    {
        $sheet = $context->sheet;
        $nominal = $setUp->plan->nominal();
        $at = $setUp->placement?->solution->geometry ?? $nominal;
        $point = static fn(string $name): array => [$at->x[$name], $at->y[$name]];
        $spot = $setUp->placement->required ?? [$nominal->x['target'], $nominal->y['target']];
        $measured = array_filter(['across', 'along'], static fn(string $name): bool => $setUp->deviation($name) !== null) !== [];

        return [
            'car' => [
                'front' => $sheet->wheelbase + $sheet->frontOverhang,
                'rear' => -$sheet->rearOverhang,
                'halfWidth' => $sheet->width / 2,
                'height' => $sheet->height,
                'hubHeight' => $sheet->hubHeight,
                'wheelbase' => $sheet->wheelbase,
                'tyre' => [$sheet->tyreDiameter, $sheet->tyreWidth],
                'hubs' => array_map($point, ['FL' => 'FL', 'FR' => 'FR', 'RL' => 'RL', 'RR' => 'RR']),
            ],
            'bay' => self::bay($context->bay),
            'zone' => $context->zone,
            'frontMark' => $point('frontMark'),
            'rearMark' => $point('rearMark'),
            'sensor' => ['at' => $point('sensor'), 'height' => $context->card->sensor->height],
            'spot' => ['at' => $spot, 'height' => $setUp->plan->requiredHeight()],
            'stand' => [
                'measured' => $measured,
                'at' => $point('stand'),
                'yaw' => Angle::degrees($at->yaw['stand']),
                'left' => $point('barLeft'),
                'right' => $point('barRight'),
                'target' => $point('target'),
                'targetHeight' => $setUp->height === null ? null : $setUp->plan->requiredHeight() + $setUp->height->deviation,
                'ellipse' => $measured ? self::ellipse($setUp) : null,
            ],
            'tapes' => self::traces($setUp, $at),
        ];
    }

    /** @return array<string, mixed> */
    private static function bay(Bay $bay): array
    {
        return [
            'name' => $bay->name,
            'outline' => $bay->outline,
            'obstacles' => array_map(static fn(Obstacle $obstacle): array => ['name' => $obstacle->name, 'corners' => $obstacle->corners], $bay->obstacles),
            'levelZone' => $bay->levelZone,
        ];
    }

    /**
     * Half axes (mm) and direction (degrees) of the region the target lies in with 95 % confidence.
     *
     * @return array{major: float, minor: float, turn: float}|null
     */
    private static function ellipse(SetUp $setUp): ?array
    {
        if (! $setUp->isPlaced() || $setUp->placement === null) {
            return null;
        }
        [$x, $y] = $setUp->placement->solution->geometry->point('target');
        $solution = $setUp->placement->solution;
        $xx = $solution->variance($x->gradient);
        $yy = $solution->variance($y->gradient);
        $xy = $solution->covariance($x->gradient, $y->gradient);
        $middle = ($xx + $yy) / 2;
        $spread = hypot(($xx - $yy) / 2, $xy);

        return [
            'major' => self::ELLIPSE_95 * sqrt($middle + $spread),
            'minor' => self::ELLIPSE_95 * sqrt(max(0.0, $middle - $spread)),
            'turn' => rad2deg(atan2(2 * $xy, $xx - $yy) / 2),
        ];
    }

    /** @return list<array<string, mixed>> where each tape, beam and rule goes, with what was read */
    private static function traces(SetUp $setUp, Geometry $at): array
    {
        $traces = [];
        foreach ($setUp->plan->calls() as $call) {
            $drawn = TraceDrawing::of($call, $at);
            if ($drawn !== null) {
                $reading = $setUp->readings[$call->id] ?? null;
                $traces[] = ['call' => $call->id, ...$drawn, 'reading' => $reading === null || $reading->isAngle() ? null : $reading->value];
            }
        }

        return $traces;
    }
}
