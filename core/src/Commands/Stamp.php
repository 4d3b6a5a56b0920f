<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

/** Who writes when, and under which id: made outside, since the core has neither a clock nor chance. */
final readonly class Stamp
{
    /**
     * @param string             $id     of the first line
     * @param string             $at     ISO 8601
     * @param \Closure(): string $nextId of each further line
     */
    public function __construct(public string $id, public string $person, public string $at, private \Closure $nextId) {}

    /** The same for a line that comes with this one. */
    public function next(): self
    {
        return new self(($this->nextId)(), $this->person, $this->at, $this->nextId);
    }

    /** @return array{id: string, person: string, at: string} what every line begins with */
    public function named(): array
    {
        return ['id' => $this->id, 'person' => $this->person, 'at' => $this->at];
    }
}
