<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** A list, each item of one kind. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class ListOf implements Kind
{
    /**
     * @param int|null    $most   items; null for as many as come
     * @param string|null $none   what is said of an empty list; null where it may be empty
     * @param string|null $second what is said where two items have one id; null where they may
     */
    public function __construct(public Kind $of, public ?int $most = null, public ?string $none = null, public ?string $second = null) {}

    /** @return list<mixed> */
    public function read(Node $node): array
    {
        $nodes = $this->most === null ? $node->items() : $node->fewItems($this->most);
        if ($nodes === [] && $this->none !== null) {
            throw InvalidInput::because($node->path(), $this->none);
        }
        $items = array_map($this->of->read(...), $nodes);
        if ($this->second !== null) {
            $seen = [];
            foreach (array_keys($items) as $i) {
                $id = $nodes[$i]->member('id')?->text() ?? '';
                if (isset($seen[$id])) {
                    throw InvalidInput::because($nodes[$i]->path() . '/id', $this->second, ['id' => $id]);
                }
                $seen[$id] = true;
            }
        }

        return $items;
    }

    public function write(mixed $value): mixed
    {
        return is_array($value) ? array_map($this->of->write(...), array_values($value)) : $value;
    }

    public function schema(Definitions $in): array
    {
        return [
            'type' => 'array', 'items' => $this->of->schema($in),
            ...($this->none === null ? [] : ['minItems' => 1]),
            ...($this->most === null ? [] : ['maxItems' => $this->most]),
        ];
    }
}
