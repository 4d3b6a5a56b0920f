<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Bay;

/** A polygon in plan, mm, with how far places lie from its edge. */
final readonly class Polygon
{
    /** Between two places that are looked at along an edge, mm. */
    private const STEP = 300.0;

    /** @param list<array{float, float}> $corners at least three, in order */
    public function __construct(public array $corners) {}

    /** Whether a place lies inside. */
    public function holds(float $x, float $y): bool
    {
        $inside = false;
        $count = count($this->corners);
        for ($i = 0, $j = $count - 1; $i < $count; $j = $i++) {
            [$ax, $ay] = $this->corners[$i];
            [$bx, $by] = $this->corners[$j];
            if (($ay > $y) !== ($by > $y) && $x < ($bx - $ax) * ($y - $ay) / ($by - $ay) + $ax) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }

    /**
     * How far a place lies from the edge, mm, positive inside, and which edge is nearest.
     *
     * @return array{float, int}
     */
    public function depth(float $x, float $y): array
    {
        $least = INF;
        $edge = 0;
        $count = count($this->corners);
        for ($i = 0; $i < $count; $i++) {
            [$ax, $ay] = $this->corners[$i];
            [$bx, $by] = $this->corners[($i + 1) % $count];
            [$ux, $uy] = [$bx - $ax, $by - $ay];
            $span = $ux * $ux + $uy * $uy;
            $share = $span > 0 ? max(0.0, min(1.0, (($x - $ax) * $ux + ($y - $ay) * $uy) / $span)) : 0.0;
            $square = ($x - $ax - $share * $ux) ** 2 + ($y - $ay - $share * $uy) ** 2;
            if ($square < $least) {
                [$least, $edge] = [$square, $i];
            }
        }

        return [$this->holds($x, $y) ? sqrt($least) : -sqrt($least), $edge];
    }

    /**
     * Its corners and places along its edges.
     *
     * @param float $step between two of them at most, mm; INF for the corners alone
     *
     * @return list<array{float, float}>
     */
    public function places(float $step = self::STEP): array
    {
        $places = [];
        $count = count($this->corners);
        for ($i = 0; $i < $count; $i++) {
            [$a, $b] = [$this->corners[$i], $this->corners[($i + 1) % $count]];
            $parts = (int) max(1, ceil(hypot($b[0] - $a[0], $b[1] - $a[1]) / $step));
            for ($k = 0; $k < $parts; $k++) {
                $places[] = [$a[0] + ($b[0] - $a[0]) * $k / $parts, $a[1] + ($b[1] - $a[1]) * $k / $parts];
            }
        }

        return $places;
    }
}
