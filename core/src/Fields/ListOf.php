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
     * @param class-string<Later>|null $later holds the items of a document that was read once already, until they are asked for
     */
    public function __construct(public Kind $of, public ?int $most = null, public ?string $none = null, public ?string $second = null, public ?string $later = null) {}

    /** @return list<mixed>|Later */
    public function read(Node $node): array|Later
    {
        $nodes = $this->most === null ? $node->items() : $node->fewItems($this->most);
        if ($nodes === [] && $this->none !== null) {
            throw InvalidInput::because($node->path(), $this->none);
        }
        if ($this->later !== null && $node->isStored()) {
            return $this->later::of($nodes, $this->of);
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

        return $this->later === null ? $items : new $this->later($items);
    }

    public function write(mixed $value): mixed
    {
        $items = $value instanceof Later ? $value->all() : $value;

        return is_array($items) ? array_map($this->of->write(...), array_values($items)) : $items;
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
