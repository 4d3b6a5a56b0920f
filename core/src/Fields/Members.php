<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Measure\Node;

/** An object whose fields are names chosen by its author, each of one kind. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Members implements Kind
{
    /** @param list<string>|null $names those that may stand there; null for any */
    public function __construct(public Kind $of, public ?array $names = null) {}

    /** @return array<string, mixed> */
    public function read(Node $node): array
    {
        $members = [];
        foreach ($this->names === null ? $node->members() : $node->fields([], $this->names) as $name => $member) {
            $members[(string) $name] = $this->of->read($member);
        }

        return $members;
    }

    public function write(mixed $value): mixed
    {
        return is_array($value) ? (object) array_map($this->of->write(...), $value) : $value;
    }

    public function schema(Definitions $in): array
    {
        $of = $this->of->schema($in);

        return $this->names === null
            ? ['type' => 'object', 'propertyNames' => ['minLength' => 1], 'additionalProperties' => $of]
            : ['type' => 'object', 'properties' => array_fill_keys($this->names, $of), 'additionalProperties' => false];
    }
}
