<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** A detail of the order: what the car is, and what the estimate said. */
final readonly class DetailNoted extends OrderLine
{
    public const FIELDS = ['vehicle', 'plate', 'vin', 'note'];

    /** @param string $field one of FIELDS; $value as typed */
    public function __construct(string $id, string $person, string $at, public string $field, public string $value)
    {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "detail $this->field";
    }
}
