<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Measure\Node;

/** A small object kept as an array: two axles, a place of a survey. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Row implements Kind
{
    /** @param array<string, Kind> $fields all of them required */
    public function __construct(public array $fields) {}

    /** @return array<string, mixed> */
    public function read(Node $node): array
    {
        $f = $node->fields(array_keys($this->fields));

        $row = [];
        foreach ($this->fields as $name => $kind) {
            $row[$name] = $kind->read($f[$name]);
        }

        return $row;
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    public function schema(Definitions $in): array
    {
        return [
            'type' => 'object', 'additionalProperties' => false, 'required' => array_keys($this->fields),
            'properties' => array_map(static fn(Kind $kind): array => $kind->schema($in), $this->fields),
        ];
    }
}
