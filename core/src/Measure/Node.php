<?php

declare(strict_types=1);

namespace Lumbro\Core\Measure;

use Lumbro\Core\Failure\InvalidInput;

/**
 * A value of a decoded JSON document together with its JSON Pointer, read strictly: a missing field, an unknown
 * one, or one of the wrong type is refused by name.
 */
final readonly class Node
{
    private const DEPTH = 64;

    /** Key of a root that a store has read once already. */
    private const STORED = 'stored';

    private function __construct(private mixed $value, private ?self $parent = null, private string|int $key = '') {}

    /** @throws InvalidInput where the text is not JSON, or gives a field twice */
    public static function parse(string $json): self
    {
        try {
            $value = json_decode($json, false, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException $failure) {
            throw InvalidInput::notJson(lcfirst($failure->getMessage()));
        }
        RepeatedField::refuse($json, $value);

        return new self($value);
    }

    /**
     * A document out of a store that has read it once already, and keeps each of its fields once: it is not looked
     * through for fields given twice again.
     */
    public static function stored(string $json): self
    {
        return new self(json_decode($json, false, self::DEPTH, JSON_THROW_ON_ERROR), null, self::STORED);
    }

    /** Whether it is part of a document that a store has read once already. */
    public function isStored(): bool
    {
        return $this->parent === null ? $this->key === self::STORED : $this->parent->isStored();
    }

    /**
     * A document that was decoded already: objects as stdClass.
     *
     * @param bool $stored whether it comes out of a store that has read it once
     */
    public static function decoded(mixed $value, bool $stored = false): self
    {
        return new self($value, null, $stored ? self::STORED : '');
    }

    /** The value's JSON Pointer (RFC 6901). */
    public function path(): string
    {
        return $this->parent === null ? '' : $this->parent->path() . '/' . InvalidInput::escape((string) $this->key);
    }

    /**
     * The object's fields.
     *
     * @param list<string> $required
     * @param list<string> $optional
     *
     * @return array<array-key, self> a name that looks like a number is a number here, as PHP has it
     */
    public function fields(array $required, array $optional = []): array
    {
        $found = $this->members();
        $known = 0;
        $missing = null;
        foreach ($required as $name) {
            if (isset($found[$name])) {
                $known++;
            } else {
                $missing ??= $name;
            }
        }
        if ($known < count($found)) {
            foreach ($optional as $name) {
                if (isset($found[$name])) {
                    $known++;
                }
            }
        }
        if ($known < count($found)) {
            $unknown = array_diff(array_keys($found), $required, $optional);

            throw InvalidInput::unknownField($this->path(), (string) reset($unknown), [...$required, ...$optional]);
        }
        if ($missing !== null) {
            throw InvalidInput::missing($this->path(), $missing);
        }

        return $found;
    }

    /**
     * An object whose fields are names chosen by its author.
     *
     * @return array<array-key, self> a name that looks like a number is a number here, as PHP has it
     */
    public function members(): array
    {
        if (! $this->value instanceof \stdClass) {
            throw InvalidInput::wrongType($this->path(), 'object', $this->value);
        }
        $found = [];
        foreach ((array) $this->value as $name => $value) {
            $found[$name] = new self($value, $this, $name);
        }
        if (isset($found[''])) {
            throw InvalidInput::because($found['']->path(), 'input.no-name');
        }

        return $found;
    }

    /** One field of an object, whatever else it has; null where it is missing. */
    public function member(string $name): ?self
    {
        if (! $this->value instanceof \stdClass) {
            throw InvalidInput::wrongType($this->path(), 'object', $this->value);
        }

        return property_exists($this->value, $name) ? new self($this->value->{$name}, $this, $name) : null;
    }

    /** @return list<self> */
    public function items(?int $count = null): array
    {
        if (! is_array($this->value)) {
            throw InvalidInput::wrongType($this->path(), 'list', $this->value);
        }
        if ($count !== null && count($this->value) !== $count) {
            throw InvalidInput::because($this->path(), 'input.list-of', ['count' => $count]);
        }
        $found = [];
        foreach (array_values($this->value) as $i => $value) {
            $found[] = new self($value, $this, $i);
        }

        return $found;
    }

    /** A finite number within ±1e9, far beyond any length in mm or angle in degrees. */
    public function number(): float
    {
        if (! is_int($this->value) && ! is_float($this->value)) {
            throw InvalidInput::wrongType($this->path(), 'number', $this->value);
        }
        if (! (abs($this->value) <= 1e9)) {
            throw InvalidInput::wrongType($this->path(), 'number-in-range', (float) $this->value);
        }

        return (float) $this->value;
    }

    /** A number of at least 1e-9: a standard uncertainty, a distance that cannot vanish. */
    public function positive(): float
    {
        $number = $this->number();
        if ($number < 1e-9) {
            throw InvalidInput::wrongType($this->path(), 'above-zero', $this->value);
        }

        return $number;
    }

    /** Zero or a number above it, within 1e9. */
    public function notNegative(): float
    {
        $number = $this->number();
        if ($number < 0) {
            throw InvalidInput::wrongType($this->path(), 'zero-or-more', $this->value);
        }

        return $number;
    }

    /** A number from `$least` to `$most`, both included. */
    public function between(float $least, float $most): float
    {
        if (! is_int($this->value) && ! is_float($this->value)) {
            throw InvalidInput::wrongType($this->path(), 'number', $this->value);
        }
        $number = (float) $this->value;
        if (! ($number >= $least && $number <= $most)) {
            throw InvalidInput::wrongType($this->path(), 'between', $number, ['least' => (string) $least, 'most' => (string) $most]);
        }

        return $number;
    }

    /** A text that is not empty. */
    public function text(): string
    {
        if (! is_string($this->value) || $this->value === '') {
            throw InvalidInput::wrongType($this->path(), 'text', $this->value);
        }

        return $this->value;
    }

    /** A text of at most so many characters that is neither empty nor holds anything that is not written. */
    public function line(int $longest = 500): string
    {
        $text = $this->text();
        // A text of no more bytes has no more characters.
        if (strlen($text) > $longest && mb_strlen($text) > $longest) {
            throw InvalidInput::because($this->path(), 'input.too-long', ['most' => $longest, 'count' => mb_strlen($text)]);
        }
        if (preg_match('/[\x00-\x08\x0b\x0c\x0e-\x1f\x7f]/', $text) === 1) {
            throw InvalidInput::because($this->path(), 'input.control-characters');
        }

        return $text;
    }

    /** A name made of small letters, digits and hyphens, as ids are. */
    public function id(int $longest = 80): string
    {
        $text = $this->text();
        if (strlen($text) > $longest || preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/', $text) !== 1) {
            throw InvalidInput::wrongType($this->path(), 'id', $text);
        }

        return $text;
    }

    /** A day, YYYY-MM-DD, that the calendar has. */
    public function day(): string
    {
        $text = $this->text();
        if (preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', $text, $part) !== 1 || ! checkdate((int) $part[2], (int) $part[3], (int) $part[1])) {
            throw InvalidInput::wrongType($this->path(), 'day', $text);
        }

        return $text;
    }

    /** A time on the wall, HH:MM. */
    public function hour(): string
    {
        $text = $this->text();

        return preg_match('/^([01]\d|2[0-3]):[0-5]\d$/D', $text) === 1 ? $text : throw InvalidInput::wrongType($this->path(), 'hour', $text);
    }

    /** @return list<self> at most so many */
    public function fewItems(int $most): array
    {
        $items = $this->items();
        if (count($items) > $most) {
            throw InvalidInput::because($this->path(), 'input.too-many', ['most' => $most, 'count' => count($items)]);
        }

        return $items;
    }

    /** True or false. */
    public function flag(): bool
    {
        if (! is_bool($this->value)) {
            throw InvalidInput::wrongType($this->path(), 'flag', $this->value);
        }

        return $this->value;
    }

    /** @param list<string> $words */
    public function oneOf(array $words): string
    {
        if (! is_string($this->value) || ! in_array($this->value, $words, true)) {
            throw InvalidInput::wrongType($this->path(), 'one-of', $this->value, ['choices' => $words]);
        }

        return $this->value;
    }

    /** The same without the space around its texts. */
    public function trimmed(): self
    {
        return new self(self::withoutSpace($this->value), $this->parent, $this->key);
    }

    private static function withoutSpace(mixed $value): mixed
    {
        return match (true) {
            is_string($value) => trim($value),
            is_array($value) => array_map(self::withoutSpace(...), $value),
            $value instanceof \stdClass => (object) array_map(self::withoutSpace(...), (array) $value),
            default => $value,
        };
    }

    /** Whether the value is an object, of whatever fields. */
    public function isObject(): bool
    {
        return $this->value instanceof \stdClass;
    }

    /** The value as decoded. */
    public function raw(): mixed
    {
        return $this->value;
    }
}
