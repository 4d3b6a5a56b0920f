<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** A scan of the car's trouble codes, kept as it was read. */
final readonly class ScanTaken extends OrderLine
{
    /**
     * @param string $phase  "pre" or "post"
     * @param string $origin "tool", or the name of the file it came from
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        public string $phase,
        public string $origin,
        public Scan $scan,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "scan $this->phase";
    }
}
