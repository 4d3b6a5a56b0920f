<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Measure\Node;

/** An object of one class where it has a field, of another where it has not. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Variant implements Kind
{
    /**
     * @param class-string $with    the field
     * @param class-string $without
     */
    public function __construct(public string $field, public string $with, public string $without) {}

    public function read(Node $node): object
    {
        return Document::read($node->member($this->field) === null ? $this->without : $this->with, $node);
    }

    public function write(mixed $value): mixed
    {
        return is_object($value) ? (object) Document::write($value) : $value;
    }

    public function schema(Definitions $in): array
    {
        return ['if' => ['type' => 'object', 'required' => [$this->field]], 'then' => $in->of($this->with), 'else' => $in->of($this->without)];
    }
}
