<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Failure\NoDirection;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/**
 * Where a wheel laser's beam comes back to, mm left of P on a scale through P square to the beam, from a mirror along
 * the body's y axis (maths, section 2, `return`).
 *
 * With X the point the beam meets, d = e·(X − P) its length and φ = ψ + κ − α the mirror's turn against the beam (κ is
 * how far it is out of square), the reflected direction has e·e' = −cos 2φ and l·e' = −sin 2φ, so the reading
 * l · (X + t·e' − P) is −d·tan 2φ: the angle counts double.
 */
final readonly class MirrorReturn extends LengthReading
{
    /**
     * @param string      $from    point the beam starts from, with the scale it comes back to
     * @param string      $heading the beam's direction
     * @param string      $body    whose y axis carries the mirror
     * @param string|null $mirror  heading that says how far the mirror is out of square
     * @param float|null  $value   mm, to the beam's left positive
     * @param float       $s       mm, > 0
     */
    public function __construct(
        string $id,
        private string $from,
        private string $heading,
        private string $body,
        private ?string $mirror,
        ?float $value,
        float $s,
        ?string $instrument = null,
    ) {
        parent::__construct($id, $value, $s, $instrument);
    }

    public function unknowns(Layout $layout): array
    {
        $unknowns = [...$layout->behind($this->from), ...$layout->behind($this->body), $layout->heading[$this->heading], $layout->yaw[$this->body]];
        if ($this->mirror !== null) {
            $unknowns[] = $layout->heading[$this->mirror];
        }

        return $unknowns;
    }

    public function predict(Geometry $at, array &$row): float
    {
        $alpha = $at->headingOf($this->heading);
        $yaw = $at->yaw[$this->body];
        $phi = $yaw - $alpha + ($this->mirror === null ? 0.0 : $at->headingOf($this->mirror));
        $cos = cos($yaw);
        $sin = sin($yaw);
        $facing = cos($alpha - $yaw);
        $twice = cos(2 * $phi);
        if (abs($facing) < self::PARALLEL || abs($twice) < self::PARALLEL) {
            throw NoDirection::alongTheBar($this->body);
        }
        $dx = $at->x[$this->body] - $at->x[$this->from];
        $dy = $at->y[$this->body] - $at->y[$this->from];
        $length = ($dx * $cos + $dy * $sin) / $facing;
        $tan = tan(2 * $phi);
        $at->trace($row, $this->from, $tan * $cos / $facing, $tan * $sin / $facing);
        $at->trace($row, $this->body, -$tan * $cos / $facing, -$tan * $sin / $facing);
        // The beam's length by α, by ψ; and the turn's share, which is −2d/cos² 2φ by ψ and κ, its opposite by α.
        $byHeading = $length * sin($alpha - $yaw) / $facing;
        $byYaw = ($dy * $cos - $dx * $sin) / $facing - $byHeading;
        $byTurn = -2 * $length / ($twice * $twice);
        $row[] = -$tan * $byHeading - $byTurn;
        $row[] = -$tan * $byYaw + $byTurn;
        if ($this->mirror !== null) {
            $row[] = $byTurn;
        }

        return -$length * $tan;
    }
}
