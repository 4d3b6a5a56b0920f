<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Failure\NoDirection;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/** The directed line P → Q that offsets and distances along it are read from. */
final readonly class Line
{
    /** Ends nearer than this, mm, give no direction. */
    private const COINCIDENT = 1e-6;

    /**
     * @param string $from point P
     * @param string $to   point Q, another one
     * @param bool   $plumbed whether both ends, and what is read against the line, are in space: it then runs through the feet of their plumb lines
     */
    public function __construct(public string $from, public string $to, public bool $plumbed = false) {}

    /**
     * The line's unit vector and length, mm.
     *
     * @return array{float, float, float} (ux, uy, length)
     *
     * @throws NoDirection where both ends lie in one place
     */
    public function direction(Geometry $at): array
    {
        [$dx, $dy] = $this->from($at, $this->from, $this->to);
        $length = sqrt($dx * $dx + $dy * $dy);
        if ($length < self::COINCIDENT) {
            throw NoDirection::betweenCoincident(Message::of('survey.between.line', ['from' => $this->from, 'to' => $this->to]));
        }

        return [$dx / $length, $dy / $length, $length];
    }

    /**
     * The way from one point to another, as the line takes them.
     *
     * @return array{float, float} mm
     */
    public function from(Geometry $at, string $from, string $to): array
    {
        if (! $this->plumbed) {
            return [$at->x[$to] - $at->x[$from], $at->y[$to] - $at->y[$from]];
        }
        [$px, $py] = $at->plan($from, true);
        [$qx, $qy] = $at->plan($to, true);

        return [$qx - $px, $qy - $py];
    }

    /**
     * The places behind the line's second point, then its first.
     *
     * @return list<int>
     */
    public function unknowns(Layout $layout): array
    {
        return [...$layout->behindPlan($this->to, $this->plumbed), ...$layout->behindPlan($this->from, $this->plumbed)];
    }

    /**
     * Adds to a row, in the order of unknowns(), the derivatives of a value whose change per change of the unit
     * vector is (gx, gy), and per move of the first point itself (fx, fy).
     *
     * @param list<float>                $row
     * @param array{float, float, float} $direction of this line, as it was asked for
     */
    public function trace(Geometry $at, array &$row, array $direction, float $gx, float $gy, float $fx = 0.0, float $fy = 0.0): void
    {
        [$ux, $uy, $length] = $direction;
        // The unit vector only turns: what counts is the part of (gx, gy) along its left normal.
        $turn = ($ux * $gy - $uy * $gx) / $length;
        $at->tracePlan($row, $this->to, $this->plumbed, -$uy * $turn, $ux * $turn);
        $at->tracePlan($row, $this->from, $this->plumbed, $fx + $uy * $turn, $fy - $ux * $turn);
    }
}
