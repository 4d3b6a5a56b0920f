<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** What is known of a stage that is under way or done. */
final readonly class Began
{
    /**
     * @param int          $from   minutes
     * @param int          $to     minutes: when it ended, or is expected to end now
     * @param bool         $done   whether it has ended
     * @param string|null  $person whose hands are in it
     * @param string|null  $place  where the car stands
     * @param list<string> $units  of the kit that are used in it or held through it
     */
    public function __construct(
        public int $from,
        public int $to,
        public bool $done,
        public ?string $person = null,
        public ?string $place = null,
        public array $units = [],
    ) {}
}
