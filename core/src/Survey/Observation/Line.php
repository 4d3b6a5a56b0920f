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
     */
    public function __construct(public string $from, public string $to) {}

    /**
     * The line's unit vector and length, mm.
     *
     * @return array{float, float, float} (ux, uy, length)
     *
     * @throws NoDirection where both ends lie in one place
     */
    public function direction(Geometry $at): array
    {
        $dx = $at->x[$this->to] - $at->x[$this->from];
        $dy = $at->y[$this->to] - $at->y[$this->from];
        $length = sqrt($dx * $dx + $dy * $dy);
        if ($length < self::COINCIDENT) {
            throw NoDirection::betweenCoincident(Message::of('survey.between.line', ['from' => $this->from, 'to' => $this->to]));
        }

        return [$dx / $length, $dy / $length, $length];
    }

    /**
     * The places behind the line's second point, then its first.
     *
     * @return list<int>
     */
    public function unknowns(Layout $layout): array
    {
        return [...$layout->behind($this->to), ...$layout->behind($this->from)];
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
        $at->trace($row, $this->to, -$uy * $turn, $ux * $turn);
        $at->trace($row, $this->from, $fx + $uy * $turn, $fy - $ux * $turn);
    }
}
