<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Survey\Observation\Along;
use Lumbro\Core\Survey\Observation\Bearing;
use Lumbro\Core\Survey\Observation\Distance;
use Lumbro\Core\Survey\Observation\Observation;

/** A whole scene looked at otherwise: mirrored left and right, then turned about the origin and shifted. */
final readonly class Motion
{
    /** @param float $turn rad */
    public function __construct(public float $turn = 0.0, private float $dx = 0.0, private float $dy = 0.0, public bool $mirrored = false) {}

    /** +1, or −1 where left and right are exchanged. */
    public function side(): int
    {
        return $this->mirrored ? -1 : 1;
    }

    /** @return array{float, float} */
    public function place(float $x, float $y): array
    {
        $y *= $this->side();

        return [
            $this->dx + $x * cos($this->turn) - $y * sin($this->turn),
            $this->dy + $x * sin($this->turn) + $y * cos($this->turn),
        ];
    }

    /** A direction in the plane. */
    public function direction(float $angle): float
    {
        return $this->side() * $angle + $this->turn;
    }

    /** What the same observation reads there. */
    public function reading(Observation $observation, float $value): float
    {
        return match (true) {
            $observation instanceof Distance, $observation instanceof Along => $value,
            $observation instanceof Bearing => $this->direction($value),
            default => $this->side() * $value,
        };
    }
}
