<?php

declare(strict_types=1);

namespace Lumbro\Core\Echo;

use Lumbro\Core\Numeric\Angle;

/**
 * What in a bay reaches into the zones that a procedure wants clear (maths, section 8): every obstacle with range and
 * bearing from the sensor, and whether it lies within the target's range cell, |Δr| under two range resolutions.
 *
 * The part of an obstacle inside a zone is bounded by corners of either inside the other and by crossings of their
 * edges; between those it comes nearest to the sensor at a foot of the perpendicular.
 */
final readonly class Interference
{
    /** Range resolutions within which an echo is taken for the target's. */
    private const CELL = 2.0;

    /**
     * Lengths in mm in the vehicle frame.
     *
     * @param array{float, float} $sensor
     * @param float               $targetRange of the target from the sensor, > 0
     * @param float               $resolution  of the sensor in range, > 0
     */
    public function __construct(private array $sensor, private float $targetRange, private float $resolution) {}

    /**
     * @param array<string, Outline> $zones     purpose → zone
     * @param array<string, Outline> $obstacles name → obstacle
     *
     * @return list<Intrusion> the nearest first
     */
    public function intrusions(array $zones, array $obstacles): array
    {
        $found = [];
        foreach ($zones as $purpose => $zone) {
            foreach ($obstacles as $name => $obstacle) {
                $intrusion = $this->intrusion((string) $name, $obstacle, (string) $purpose, $zone);
                if ($intrusion !== null) {
                    $found[] = $intrusion;
                }
            }
        }
        usort($found, static fn(Intrusion $a, Intrusion $b): int => $a->nearest <=> $b->nearest);

        return $found;
    }

    private function intrusion(string $name, Outline $obstacle, string $purpose, Outline $zone): ?Intrusion
    {
        $bounds = self::bounds($obstacle, $zone);
        if ($bounds === []) {
            return null;
        }
        $farthest = max(array_map($this->range(...), $bounds));
        $nearest = $this->nearest($bounds, $obstacle, $zone);
        $range = $this->range($nearest);
        $cell = self::CELL * $this->resolution;

        return new Intrusion(
            $name,
            $purpose,
            $range,
            $farthest,
            $range > 0 ? Angle::degrees(atan2($nearest[1] - $this->sensor[1], $nearest[0] - $this->sensor[0])) : null,
            $range < $this->targetRange + $cell && $farthest > $this->targetRange - $cell,
        );
    }

    /**
     * The corners of what both have in common.
     *
     * @return list<array{float, float}> none where they have nothing in common
     */
    private static function bounds(Outline $a, Outline $b): array
    {
        $bounds = [
            ...array_filter($a->corners, $b->contains(...)),
            ...array_filter($b->corners, $a->contains(...)),
        ];
        foreach ($a->edges() as $first) {
            foreach ($b->edges() as $second) {
                $crossing = Outline::crossing($first, $second);
                if ($crossing !== null) {
                    $bounds[] = $crossing;
                }
            }
        }

        return $bounds;
    }

    /**
     * @param non-empty-list<array{float, float}> $bounds
     *
     * @return array{float, float}
     */
    private function nearest(array $bounds, Outline $a, Outline $b): array
    {
        if ($a->contains($this->sensor) && $b->contains($this->sensor)) {
            return $this->sensor;
        }
        $candidates = $bounds;
        foreach ([[$a, $b], [$b, $a]] as [$edged, $other]) {
            foreach ($edged->edges() as $edge) {
                $foot = Outline::nearest($edge, $this->sensor);
                if ($other->contains($foot)) {
                    $candidates[] = $foot;
                }
            }
        }
        usort($candidates, fn(array $p, array $q): int => $this->range($p) <=> $this->range($q));

        return $candidates[0];
    }

    /** @param array{float, float} $point */
    private function range(array $point): float
    {
        return hypot($point[0] - $this->sensor[0], $point[1] - $this->sensor[1]);
    }
}
