<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** A document with rules between its fields, checked once all of them are read. */
interface Checked
{
    /**
     * @param Node $node what it was read from
     *
     * @throws InvalidInput naming the field that does not go with the others
     */
    public function check(Node $node): void;

    /** @return array<string, mixed> as much of the same as JSON Schema can say */
    public static function rule(): array;
}
