<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/**
 * What a field of a document holds. Written as an attribute on a promoted property, it is the one place that says so:
 * reader, writer, JSON Schema, difference, edit form and TypeScript types follow from it.
 */
interface Kind
{
    /** @throws InvalidInput naming the field */
    public function read(Node $node): mixed;

    /** The value as JSON has it. */
    public function write(mixed $value): mixed;

    /** @return array<string, mixed> JSON Schema of the field */
    public function schema(Definitions $in): array;
}
