<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** A count: a whole number within bounds. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Whole implements Kind
{
    /** Both bounds are included. */
    public function __construct(public int $least, public int $most) {}

    public function read(Node $node): int
    {
        $number = $node->between($this->least, $this->most);

        return floor($number) === $number ? (int) $number : throw InvalidInput::wrongType($node->path(), 'whole', $number);
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    public function schema(Definitions $in): array
    {
        return ['type' => 'integer', 'minimum' => $this->least, 'maximum' => $this->most];
    }
}
