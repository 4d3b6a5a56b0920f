<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** How long a stage took, and what may have made the difference. */
final readonly class Taken
{
    /**
     * @param string      $kind    of the stage
     * @param float       $minutes > 0
     * @param string|null $sensor  kind of the sensor, such as "front"
     * @param string|null $school  way of measuring
     * @param string|null $person  who did most of it
     * @param float|null  $told    minutes that were expected, where they were
     */
    public function __construct(
        public string $kind,
        public float $minutes,
        public ?string $sensor = null,
        public ?string $school = null,
        public ?string $person = null,
        public ?float $told = null,
    ) {}
}
