<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

/** A value like another one but for some of its properties. */
final class Copy
{
    /**
     * @template T of object
     *
     * @param T                    $value   of a class whose constructor takes its properties by their names
     * @param array<string, mixed> $changed property → what it is in the copy
     *
     * @return T
     */
    public static function of(object $value, array $changed): object
    {
        $class = $value::class;

        return new $class(...[...get_object_vars($value), ...$changed]);
    }
}
