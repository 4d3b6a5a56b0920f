<?php

declare(strict_types=1);

namespace Lumbro\Core\Document;

use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\Procedure\SetUp;
use Lumbro\Core\Procedure\TaskState;

/** The plan and the side view as plain figures, mm in the vehicle frame, for whoever draws them. */
final class PlanDrawing
{
    /** √ of the 95 % point of chi-square with two degrees of freedom. */
    private const ELLIPSE_95 = 2.4477468306808161;

    /** @return array<string, mixed> */
    public static function of(TaskState $state): array
    {
        $sheet = $state->context->sheet;
        $setUp = $state->setUp;
        $nominal = $state->context->school->nominal();
        $at = $setUp->placement?->solution->geometry ?? $nominal;
        $point = static fn(string $name): array => [$at->x[$name], $at->y[$name]];
        $spot = $setUp->placement->required ?? [$nominal->x['target'], $nominal->y['target']];
        $measured = $setUp->deviation('across') !== null || $setUp->deviation('along') !== null;

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
            'bay' => ['name' => $state->context->bay->name, 'outline' => $state->context->bay->outline],
            'zone' => $state->context->card->zone,
            'frontMark' => $point('frontMark'),
            'rearMark' => $point('rearMark'),
            'sensor' => ['at' => $point('sensor'), 'height' => $state->context->card->sensor->height],
            'spot' => ['at' => $spot, 'height' => $state->context->spot->height],
            'stand' => [
                'measured' => $measured,
                'at' => $point('stand'),
                'yaw' => Angle::degrees($at->yaw['stand']),
                'left' => $point('standLeft'),
                'right' => $point('standRight'),
                'target' => $point('target'),
                'targetHeight' => $setUp->height === null ? null : $state->context->spot->height + $setUp->height->deviation,
                'ellipse' => $measured ? self::ellipse($setUp) : null,
            ],
            'tapes' => self::tapes($state, $at->x, $at->y),
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

    /**
     * @param array<string, float> $x
     * @param array<string, float> $y
     *
     * @return list<array<string, mixed>>
     */
    private static function tapes(TaskState $state, array $x, array $y): array
    {
        $tapes = [];
        foreach ($state->context->school->calls() as $call) {
            if ($call->between !== null) {
                [$from, $to] = $call->between;
                $tapes[] = [
                    'call' => $call->id,
                    'from' => [$x[$from], $y[$from]],
                    'to' => [$x[$to], $y[$to]],
                    'reading' => ($state->setUp->readings[$call->id] ?? null)?->millimetres,
                ];
            }
        }

        return $tapes;
    }
}
