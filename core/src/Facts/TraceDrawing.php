<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Method\Call;
use Lumbro\Core\Survey\Geometry;

/** Where a reading's tape, beam or rule goes on the plan, mm in the vehicle frame. */
final class TraceDrawing
{
    /** @return array{kind: string, from: array{float, float}, to: array{float, float}}|null null where there is nothing to draw */
    public static function of(Call $call, Geometry $at): ?array
    {
        $trace = $call->trace;
        if ($trace === null) {
            return null;
        }
        $from = [$at->x[$trace->from], $at->y[$trace->from]];
        $to = [$at->x[$trace->to], $at->y[$trace->to]];
        if ($trace->kind === 'along') {
            $to = self::foot($to, $at);
        } elseif ($trace->kind === 'rule') {
            $from = self::foot($to, $at);
        } elseif (str_starts_with($trace->from, 'laser')) {
            $to = self::onBar($trace->from, $at);
        } elseif (str_starts_with($trace->to, 'laser')) {
            $from = self::onBar($trace->to, $at);
        }

        return ['kind' => $trace->kind, 'from' => $from, 'to' => $to];
    }

    /**
     * A point's foot on the line through both marks.
     *
     * @param array{float, float} $point
     *
     * @return array{float, float}
     */
    private static function foot(array $point, Geometry $at): array
    {
        [$x, $y] = [$at->x['rearMark'], $at->y['rearMark']];
        [$ux, $uy] = [$at->x['frontMark'] - $x, $at->y['frontMark'] - $y];
        $share = (($point[0] - $x) * $ux + ($point[1] - $y) * $uy) / ($ux ** 2 + $uy ** 2);

        return [$x + $share * $ux, $y + $share * $uy];
    }

    /**
     * Where a wheel's beam strikes the bar.
     *
     * @return array{float, float}
     */
    private static function onBar(string $laser, Geometry $at): array
    {
        $heading = $at->headingOf('wheel' . substr($laser, 5));
        [$ex, $ey] = [cos($heading), sin($heading)];
        [$bx, $by] = [$at->x['barRight'] - $at->x['barLeft'], $at->y['barRight'] - $at->y['barLeft']];
        $across = $ex * $by - $ey * $bx;
        $reach = (($at->x['barLeft'] - $at->x[$laser]) * $by - ($at->y['barLeft'] - $at->y[$laser]) * $bx) / $across;

        return [$at->x[$laser] + $reach * $ex, $at->y[$laser] + $reach * $ey];
    }
}
