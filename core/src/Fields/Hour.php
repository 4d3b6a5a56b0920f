<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Measure\Node;

/** A time on the wall, HH:MM. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Hour implements Kind
{
    public function read(Node $node): string
    {
        return $node->hour();
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    public function schema(Definitions $in): array
    {
        return ['type' => 'string', 'pattern' => '^([01]\d|2[0-3]):[0-5]\d$'];
    }
}
