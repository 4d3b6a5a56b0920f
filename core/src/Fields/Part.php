<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Measure\Node;

/** An object with a table of fields of its own, or a value with a form of its own. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Part implements Kind
{
    /** @param class-string $of */
    public function __construct(public string $of) {}

    public function read(Node $node): object
    {
        return is_subclass_of($this->of, OwnForm::class) ? $this->of::read($node) : Document::read($this->of, $node);
    }

    public function write(mixed $value): mixed
    {
        return match (true) {
            $value instanceof OwnForm => $value->written(),
            is_object($value) => (object) Document::write($value),
            default => $value,
        };
    }

    public function schema(Definitions $in): array
    {
        return $in->of($this->of);
    }
}
