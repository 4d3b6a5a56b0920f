<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Measure\Node;

/** One of two words, kept as whether it is the first. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Either implements Kind
{
    /** The first stands for true. */
    public function __construct(public string $true, public string $false) {}

    public function read(Node $node): bool
    {
        return $node->oneOf([$this->true, $this->false]) === $this->true;
    }

    public function write(mixed $value): mixed
    {
        return $value === true ? $this->true : $this->false;
    }

    public function schema(Definitions $in): array
    {
        return ['enum' => [$this->true, $this->false]];
    }
}
