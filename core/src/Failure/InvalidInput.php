<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

/** A value that cannot mean what its place asks for. */
final class InvalidInput extends CoreFailure
{
    public function errorCode(): string
    {
        return 'invalid-input';
    }

    /** @param string $expected what would be right, e.g. "a number of millimetres" */
    public static function wrongType(string $path, string $expected, mixed $found): self
    {
        return new self(sprintf('%s must be %s, not %s.', self::name($path), $expected, self::describe($found)), $path);
    }

    /** @param string $path JSON Pointer to the object that lacks the field */
    public static function missing(string $path, string $field): self
    {
        return new self(sprintf('%s lacks the field "%s".', self::name($path), $field), $path);
    }

    /** @param list<string> $known */
    public static function unknownField(string $path, string $field, array $known): self
    {
        return new self(
            sprintf('%s has an unknown field "%s"; known are: %s.', self::name($path), $field, implode(', ', $known)),
            $path . '/' . self::escape($field),
        );
    }

    /**
     * @param string $path   JSON Pointer to the value
     * @param string $reason what is wrong with it, to be read after its name
     */
    public static function because(string $path, string $reason): self
    {
        return new self(sprintf('%s %s', self::name($path), $reason), $path);
    }

    /** @param string $reason the decoder's own words */
    public static function notJson(string $reason): self
    {
        return new self('The input is not a JSON document: ' . $reason . '.');
    }

    /** The same, where the blamed document is a part of another. */
    public function under(string $path): self
    {
        $inner = $this->path() ?? '';
        $about = substr($this->getMessage(), strlen(self::name($inner)));

        return new self(self::name($path . $inner) . $about, $path . $inner);
    }

    /** A word as a step of a JSON Pointer. */
    public static function escape(string $field): string
    {
        return str_replace(['~', '/'], ['~0', '~1'], $field);
    }

    private static function name(string $path): string
    {
        return $path === '' ? 'The document' : $path;
    }

    private static function describe(mixed $found): string
    {
        return match (true) {
            is_string($found) => 'the text "' . mb_strimwidth($found, 0, 40, '…') . '"',
            is_bool($found) => $found ? 'true' : 'false',
            $found === null => 'null',
            is_float($found) && ! is_finite($found) => 'a number too large to hold',
            is_int($found), is_float($found) => (string) $found,
            is_array($found) => 'a list',
            default => 'an object',
        };
    }
}
