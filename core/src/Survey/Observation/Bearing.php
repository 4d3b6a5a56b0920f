<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Failure\NoDirection;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/** The direction of Q seen from P, rad from the vehicle's x axis: atan2 of Q − P, wrapped to the reading. */
final readonly class Bearing extends AngleReading
{
    /**
     * @param float|null $value rad, anticlockwise from the vehicle's x axis
     * @param float      $s     rad, > 0
     */
    public function __construct(string $id, private string $from, private string $to, ?float $value, float $s)
    {
        parent::__construct($id, $value, $s);
    }

    public function unknowns(Layout $layout): array
    {
        return [...$layout->behind($this->to), ...$layout->behind($this->from)];
    }

    public function predict(Geometry $at, array &$row): float
    {
        $dx = $at->x[$this->to] - $at->x[$this->from];
        $dy = $at->y[$this->to] - $at->y[$this->from];
        $square = $dx * $dx + $dy * $dy;
        if ($square < self::COINCIDENT ** 2) {
            throw NoDirection::betweenCoincident(Message::of('survey.between.bearing', ['from' => $this->from, 'to' => $this->to]));
        }
        $at->trace($row, $this->to, -$dy / $square, $dx / $square);
        $at->trace($row, $this->from, $dy / $square, -$dx / $square);

        return $this->nearReading(atan2($dy, $dx));
    }
}
