<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** One function of the driver assistance was looked at on the road, or was not and why (need J33). */
final readonly class RoadTested extends OrderLine
{
    /** "seen": it worked; "not-seen": it was tried and did not; "untested": it could not be tried today. */
    public const FOUND = ['seen', 'not-seen', 'untested'];

    /**
     * @param string      $function id of a road function of this car
     * @param string      $found    one of FOUND
     * @param string      $driver   a licensed driver
     * @param string|null $reason   why it was not tried, or what happened instead; null only where it was seen
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        public string $function,
        public string $found,
        public string $driver,
        public ?string $route = null,
        public ?string $weather = null,
        public ?string $reason = null,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "road $this->function";
    }
}
