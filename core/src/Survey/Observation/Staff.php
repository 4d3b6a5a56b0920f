<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/** A staff on a point under a laser plane: what it reads at the beam (maths, section 2.2). */
final readonly class Staff extends LengthReading
{
    /** The tilts of a plane are in mm per m. */
    private const METRE = 1000;

    /**
     * @param string     $point in space, where the staff stands
     * @param string     $level the laser plane
     * @param float|null $value mm, upwards positive
     * @param float      $s     mm, > 0
     * @param bool       $other whether the instrument's zero takes away from it
     */
    public function __construct(string $id, private string $point, private string $level, ?float $value, float $s, ?string $instrument = null, private bool $other = false)
    {
        parent::__construct($id, $value, $s, $instrument);
    }

    public function zeroSense(): int
    {
        return $this->other ? -1 : 1;
    }

    public function unknowns(Layout $layout): array
    {
        $tilt = $layout->tilt[$this->level] ?? null;

        return [...$layout->behind($this->point), $layout->level[$this->level], ...($tilt === null ? [] : [$tilt, $tilt + 1]), ...$layout->upright()];
    }

    public function predict(Geometry $at, array &$row): float
    {
        $layout = $at->layout;
        $tilt = $layout->tilt[$this->level] ?? null;
        $tx = $tilt === null ? 0.0 : $at->state[$tilt] / self::METRE;
        $ty = $tilt === null ? 0.0 : $at->state[$tilt + 1] / self::METRE;
        $k = 1 / sqrt(1 + $at->a * $at->a + $at->b * $at->b);
        [$x, $y] = [$at->x[$this->point], $at->y[$this->point]];
        $up = ($at->a * $x + $at->b * $y + $at->z[$this->point]) * $k;
        $at->trace($row, $this->point, $tx - $at->a * $k, $ty - $at->b * $k, -$k);
        $row[] = 1.0;
        if ($tilt !== null) {
            array_push($row, $x / self::METRE, $y / self::METRE);
        }
        $at->traceUpright($row, -$k * ($x - $up * $at->a * $k), -$k * ($y - $up * $at->b * $k));

        return $at->state[$layout->level[$this->level]] - $up + $tx * $x + $ty * $y;
    }
}
