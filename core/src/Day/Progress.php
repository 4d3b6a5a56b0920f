<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** What is known of one stage at one sensor that somebody has worked on. Times are minutes since the day's midnight. */
final readonly class Progress
{
    /**
     * @param string       $sensor id on its car
     * @param string       $stage  one of SensorWork::STAGES
     * @param int          $from   when it began
     * @param int          $to     when it was last worked on
     * @param float        $worked minutes, without pauses
     * @param bool         $isOn   whether somebody is at it now
     * @param list<string> $units  of the kit that its car has
     */
    public function __construct(
        public string $sensor,
        public string $stage,
        public int $from,
        public int $to,
        public float $worked = 0.0,
        public bool $isOn = false,
        public ?string $person = null,
        public ?string $place = null,
        public array $units = [],
    ) {}
}
