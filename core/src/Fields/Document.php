<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** Reads and writes the JSON form of whatever has a table of fields. */
final class Document
{
    /**
     * @template T of object
     *
     * @param class-string<T>      $class
     * @param array<string, mixed> $first what its constructor takes besides, by name
     *
     * @return T
     *
     * @throws InvalidInput naming the field that is missing, unknown or wrong
     */
    public static function read(string $class, Node $node, array $first = []): object
    {
        $table = Table::of($class);
        $made = $table->make($table->nodes($node), $node, $first);
        assert($made instanceof $class);

        return $made;
    }

    /** @return array<string, mixed> */
    public static function write(object $value): array
    {
        return Table::of($value::class)->write($value);
    }
}
