<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/** A tape or rule held upright from one point up to another: ν · (T − F), ν the true vertical (maths, section 2.2). */
final readonly class Height extends LengthReading
{
    /**
     * @param string     $from  point in space
     * @param string     $to    point in space over it
     * @param float|null $value mm, upwards positive
     * @param float      $s     mm, > 0
     */
    public function __construct(string $id, private string $from, private string $to, ?float $value, float $s, ?string $instrument = null)
    {
        parent::__construct($id, $value, $s, $instrument);
    }

    public function unknowns(Layout $layout): array
    {
        return [...$layout->behind($this->to), ...$layout->behind($this->from), ...$layout->upright()];
    }

    public function predict(Geometry $at, array &$row): float
    {
        $k = 1 / sqrt(1 + $at->a * $at->a + $at->b * $at->b);
        $dx = $at->x[$this->to] - $at->x[$this->from];
        $dy = $at->y[$this->to] - $at->y[$this->from];
        $dz = $at->z[$this->to] - $at->z[$this->from];
        $height = ($at->a * $dx + $at->b * $dy + $dz) * $k;
        $at->trace($row, $this->to, $at->a * $k, $at->b * $k, $k);
        $at->trace($row, $this->from, -$at->a * $k, -$at->b * $k, -$k);
        $at->traceUpright($row, $k * ($dx - $height * $at->a * $k), $k * ($dy - $height * $at->b * $k));

        return $height;
    }
}
