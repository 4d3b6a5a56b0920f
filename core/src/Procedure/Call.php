<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

/** One reading a school asks for: what to do, from where to where, and how it is typed. */
final readonly class Call
{
    /**
     * @param bool         $sided  typed with a side of the car ("12 mm left")
     * @param list<string> $datums heights only: the datums it may be read to
     * @param bool         $check  a further reading that checks the others
     * @param array{string, string}|null $between points of the plan the tape runs between
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $instruction,
        public string $instrument,
        public bool $sided = false,
        public array $datums = [],
        public bool $check = false,
        public ?array $between = null,
    ) {}
}
