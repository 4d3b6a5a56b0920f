<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** One stretch of work on a car that is not broken off: what a person, or waiting alone, does from one minute to another. */
final readonly class Stage
{
    /**
     * @param string $id      one of its kind in the day
     * @param string $kind    such as "line" or "run": what durations are learned by
     * @param int    $minutes it is expected to take, ≥ 1
     * @param float  $spread  standard deviation of the logarithm of its duration, ≥ 0
     * @param Began|null $began where it is under way or done: then nothing of it is planned
     */
    public function __construct(
        public string $id,
        public string $kind,
        public int $minutes,
        public float $spread = 0.0,
        public Asks $asks = new Asks(),
        public ?Pin $pin = null,
        public ?Began $began = null,
    ) {}
}
