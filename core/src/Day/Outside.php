<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** What it takes to send a car to another shop, by this shop's own figures. Money in any one currency. */
final readonly class Outside
{
    /**
     * @param float $fee      of the other shop for the car
     * @param int   $there    minutes to bring it there, which somebody drives; as long again to fetch it
     * @param int   $away     minutes it is there
     * @param float $hour     what an hour of somebody's work costs here
     */
    public function __construct(public float $fee, public int $there, public int $away, public float $hour) {}
}
