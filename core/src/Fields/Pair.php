<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Measure\Node;

/** Two numbers that belong together: an x and a y, one for each of two screws. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Pair implements Kind
{
    /** @param Number $of each of them */
    public function __construct(public Number $of = new Number()) {}

    /** @return array{float, float} */
    public function read(Node $node): array
    {
        [$first, $second] = $node->items(2);

        return [$this->of->read($first), $this->of->read($second)];
    }

    public function write(mixed $value): mixed
    {
        return is_array($value) ? array_map($this->of->write(...), $value) : $value;
    }

    public function schema(Definitions $in): array
    {
        $number = $this->of->schema($in);

        return ['type' => 'array', 'prefixItems' => [$number, $number], 'minItems' => 2, 'maxItems' => 2];
    }
}
