<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Failure\NoDirection;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/** The direction of T seen from a body's origin, rad from the body's own x axis, wrapped to the reading. */
final readonly class RelativeBearing extends AngleReading
{
    /**
     * @param float|null $value rad, anticlockwise from the body's own x axis
     * @param float      $s     rad, > 0
     */
    public function __construct(string $id, private string $body, private string $point, ?float $value, float $s)
    {
        parent::__construct($id, $value, $s);
    }

    public function unknowns(Layout $layout): array
    {
        return [...$layout->behind($this->point), ...$layout->behind($this->body), $layout->yaw[$this->body]];
    }

    public function predict(Geometry $at, array &$row): float
    {
        $dx = $at->x[$this->point] - $at->x[$this->body];
        $dy = $at->y[$this->point] - $at->y[$this->body];
        $square = $dx * $dx + $dy * $dy;
        if ($square < self::COINCIDENT ** 2) {
            throw NoDirection::betweenCoincident(Message::of('survey.between.bearing', ['from' => $this->body, 'to' => $this->point]));
        }
        $at->trace($row, $this->point, -$dy / $square, $dx / $square);
        $at->trace($row, $this->body, $dy / $square, -$dx / $square);
        $row[] = -1.0;

        return $this->nearReading(atan2($dy, $dx) - $at->yaw[$this->body]);
    }
}
