<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

use Lumbro\Core\Numeric\Normal;

/** How long a stage is expected to take. */
final readonly class Estimate
{
    /**
     * @param float $minutes in the mean
     * @param float $spread  standard deviation of the logarithm of one such duration, with what is not known of its mean
     * @param int   $jobs    of the shop's own that it rests on
     */
    public function __construct(public float $minutes, public float $spread, public int $jobs) {}

    /** By when it is done in a share of such stages, minutes. */
    public function within(float $share): float
    {
        return $this->minutes * exp($this->spread * Normal::quantile($share) - $this->spread ** 2 / 2);
    }
}
