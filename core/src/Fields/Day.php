<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Measure\Node;

/** A day of the calendar, YYYY-MM-DD. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Day implements Kind
{
    public function read(Node $node): string
    {
        return $node->day();
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    public function schema(Definitions $in): array
    {
        return ['type' => 'string', 'pattern' => '^\d{4}-\d\d-\d\d$'];
    }
}
