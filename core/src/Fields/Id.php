<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Measure\Node;

/** A name made of small letters, digits and hyphens. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Id implements Kind
{
    /** @param int $most characters */
    public function __construct(public int $most = 80) {}

    public function read(Node $node): string
    {
        return $node->id($this->most);
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    public function schema(Definitions $in): array
    {
        return ['type' => 'string', 'maxLength' => $this->most, 'pattern' => '^[a-z0-9]+(-[a-z0-9]+)*$'];
    }
}
