<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec\Register;

/** The cells of one row that hold something, as they are read. */
final readonly class Values
{
    /** @param array<string, string|float|list<string>> $all by column */
    public function __construct(public array $all) {}

    /** Whether the row has something there. */
    public function has(string $column): bool
    {
        return isset($this->all[$column]);
    }

    /** A text; "" where there is none. */
    public function text(string $column): string
    {
        $value = $this->all[$column] ?? '';

        return is_string($value) ? $value : throw new \LogicException("$column is no text.");
    }

    /** A text; null where there is none. */
    public function optional(string $column): ?string
    {
        return $this->has($column) ? $this->text($column) : null;
    }

    /** A number or a length. */
    public function number(string $column): float
    {
        $value = $this->all[$column] ?? null;

        return is_float($value) ? $value : throw new \LogicException("$column is no number.");
    }

    /** @return list<string> */
    public function texts(string $column): array
    {
        $value = $this->all[$column] ?? [];

        return is_array($value) ? $value : throw new \LogicException("$column is no list.");
    }

    /**
     * The values as an object of objects, by their dotted names.
     *
     * @param array<string, mixed> $besides further ones, where the row has none of the name
     *
     * @return array<array-key, mixed>
     */
    public function nested(array $besides = []): array
    {
        $made = [];
        // What the row has comes last: it may lie in something that is empty otherwise.
        foreach ([...array_diff_key($besides, $this->all), ...$this->all] as $name => $value) {
            $made = self::put($made, explode('.', $name), $value);
        }

        return $made;
    }

    /**
     * @param array<array-key, mixed> $into
     * @param non-empty-list<string> $steps
     *
     * @return array<array-key, mixed>
     */
    private static function put(array $into, array $steps, mixed $value): array
    {
        $first = array_shift($steps);
        $inner = $into[$first] ?? [];
        $into[$first] = $steps === [] ? $value : self::put(is_array($inner) ? $inner : [], $steps, $value);

        return $into;
    }
}
