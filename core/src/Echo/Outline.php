<?php

declare(strict_types=1);

namespace Lumbro\Core\Echo;

use Lumbro\Core\Failure\InvalidInput;

/** A closed outline in the vehicle frame, mm: a zone, a cabinet, a wall of two corners, a post of one. */
final readonly class Outline
{
    /** A point this near an edge, mm, lies on it. */
    private const ON_EDGE = 1e-6;

    /** @param list<array{float, float}> $corners in order, the last joined to the first */
    private function __construct(public array $corners) {}

    /**
     * @param list<array{float, float}> $corners x and y in mm
     *
     * @throws InvalidInput where there are none
     */
    public static function through(array $corners): self
    {
        if ($corners === []) {
            throw InvalidInput::because('', 'echo.no-corners');
        }

        return new self($corners);
    }

    /** @return list<array{array{float, float}, array{float, float}}> none for a single corner */
    public function edges(): array
    {
        $edges = [];
        $count = count($this->corners);
        foreach ($this->corners as $i => $corner) {
            // A wall's way back is the same wall.
            if ($count > 2 || ($count === 2 && $i === 0)) {
                $edges[] = [$corner, $this->corners[($i + 1) % $count]];
            }
        }

        return $edges;
    }

    /**
     * Whether a point lies inside or on the edge; by how often a ray from it crosses the outline.
     *
     * @param array{float, float} $point
     */
    public function contains(array $point): bool
    {
        [$x, $y] = $point;
        $inside = false;
        // A wall or a post has no inside.
        $closed = count($this->corners) > 2;
        foreach ($this->edges() as $edge) {
            $foot = self::nearest($edge, $point);
            if (hypot($foot[0] - $x, $foot[1] - $y) <= self::ON_EDGE) {
                return true;
            }
            [[$ax, $ay], [$bx, $by]] = $edge;
            if ($closed && ($ay > $y) !== ($by > $y) && $x < $ax + ($y - $ay) / ($by - $ay) * ($bx - $ax)) {
                $inside = ! $inside;
            }
        }

        return $inside || in_array($point, $this->corners, true);
    }

    /**
     * The place on an edge nearest to a point.
     *
     * @param array{array{float, float}, array{float, float}} $edge
     * @param array{float, float}                             $point
     *
     * @return array{float, float}
     */
    public static function nearest(array $edge, array $point): array
    {
        [[$ax, $ay], [$bx, $by]] = $edge;
        $square = ($bx - $ax) ** 2 + ($by - $ay) ** 2;
        if ($square <= 0) {
            return [$ax, $ay];
        }
        $share = max(0.0, min(1.0, (($point[0] - $ax) * ($bx - $ax) + ($point[1] - $ay) * ($by - $ay)) / $square));

        return [$ax + $share * ($bx - $ax), $ay + $share * ($by - $ay)];
    }

    /**
     * Where two edges cross.
     *
     * @param array{array{float, float}, array{float, float}} $first
     * @param array{array{float, float}, array{float, float}} $second
     *
     * @return array{float, float}|null null where they do not, or run in parallel
     */
    public static function crossing(array $first, array $second): ?array
    {
        [[$ax, $ay], [$bx, $by]] = $first;
        [[$cx, $cy], [$dx, $dy]] = $second;
        $across = ($bx - $ax) * ($dy - $cy) - ($by - $ay) * ($dx - $cx);
        if ($across == 0.0) {
            return null;
        }
        $along = (($cx - $ax) * ($dy - $cy) - ($cy - $ay) * ($dx - $cx)) / $across;
        $other = (($cx - $ax) * ($by - $ay) - ($cy - $ay) * ($bx - $ax)) / $across;

        return $along >= 0 && $along <= 1 && $other >= 0 && $other <= 1 ? [$ax + $along * ($bx - $ax), $ay + $along * ($by - $ay)] : null;
    }
}
