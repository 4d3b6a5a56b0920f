<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** A value whose JSON form no table of fields can say: a code, a list of two chances. */
interface OwnForm
{
    /** @throws InvalidInput naming the field */
    public static function read(Node $node): self;

    /** The value as JSON has it. */
    public function written(): mixed;

    /** @return array<string, mixed> JSON Schema of it */
    public static function form(): array;
}
