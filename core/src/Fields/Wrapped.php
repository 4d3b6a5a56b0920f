<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Measure\Node;

/** A value that a class of its own is built from. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Wrapped implements Kind
{
    /**
     * @param class-string $in       its constructor takes the value alone
     * @param string       $property that holds it
     */
    public function __construct(public string $in, public string $property, public Kind $of) {}

    public function read(Node $node): object
    {
        return new ($this->in)($this->of->read($node));
    }

    public function write(mixed $value): mixed
    {
        return $this->of->write(is_object($value) ? $value->{$this->property} : $value);
    }

    public function schema(Definitions $in): array
    {
        return $this->of->schema($in);
    }
}
