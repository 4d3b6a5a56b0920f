<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Document;

/** One line of a task's record. Lines are only ever added, in the order of their versions. */
abstract readonly class Line
{
    /** Each kind of line has its own name. */
    public const KIND = '';

    /**
     * @param string $id     UUID made by whoever recorded it
     * @param string $person who recorded it
     * @param string $at     when, ISO 8601
     */
    public function __construct(public string $id, public string $person, public string $at) {}

    /** What kind of line it is, as records name it. */
    final public function kind(): string
    {
        /** @var string */
        return static::KIND;
    }

    /** @return array<string, mixed> what it carries, as records have it */
    final public function payload(): array
    {
        return Document::write($this);
    }

    /** @return array{id: string, person: string, at: string, kind: string, payload: \stdClass} the whole line, as sealed records and archives have it */
    final public function written(): array
    {
        return ['id' => $this->id, 'person' => $this->person, 'at' => $this->at, 'kind' => $this->kind(), 'payload' => (object) $this->payload()];
    }
}
