<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

use Lumbro\Core\Message\Message;

/**
 * A value that cannot mean what its place asks for.
 *
 * @phpstan-import-type Parameter from Message
 */
final class InvalidInput extends CoreFailure
{
    public function errorCode(): string
    {
        return 'invalid-input';
    }

    /**
     * @param string                   $expected code of what would be right: "input.expected." and this
     * @param array<string, Parameter> $with     its parameters
     */
    public static function wrongType(string $path, string $expected, mixed $found, array $with = []): self
    {
        return new self(Message::of('input.wrong-type', ['expected' => Message::of("input.expected.$expected", $with), 'found' => self::describe($found)]), $path);
    }

    /** @param string $path JSON Pointer to the object that lacks the field */
    public static function missing(string $path, string $field): self
    {
        return new self(Message::of('input.missing', ['field' => $field]), $path);
    }

    /** @param list<string> $known */
    public static function unknownField(string $path, string $field, array $known): self
    {
        return new self(Message::of('input.unknown-field', ['field' => self::short($field), 'known' => $known]), $path . '/' . self::escape($field));
    }

    /**
     * @param string                   $path JSON Pointer to the value
     * @param string                   $code of what is wrong with it
     * @param array<string, Parameter> $with its parameters
     */
    public static function because(string $path, string $code, array $with = []): self
    {
        return new self(Message::of($code, $with), $path);
    }

    /** @param string $reason the decoder's own words */
    public static function notJson(string $reason): self
    {
        return new self(Message::of('input.not-json', ['reason' => $reason]));
    }

    /** The same failure, where the blamed document is a part of another. */
    public static function under(string $path, CoreFailure $failure): self
    {
        return new self($failure->said, $path . ($failure->path() ?? ''));
    }

    /** The same failure, with another value to blame. */
    public static function at(string $path, CoreFailure $failure): self
    {
        return new self($failure->said, $path);
    }

    /** A word as a step of a JSON Pointer. */
    public static function escape(string $field): string
    {
        return str_replace(['~', '/'], ['~0', '~1'], $field);
    }

    /** A text of somebody's no longer than a message can carry. */
    public static function short(string $text, int $longest = 60): string
    {
        return mb_strimwidth(trim($text), 0, $longest, '…');
    }

    private static function describe(mixed $found): Message
    {
        return match (true) {
            is_string($found) => Message::of('input.found.text', ['text' => self::short($found, 40)]),
            is_bool($found) => Message::of($found ? 'input.found.true' : 'input.found.false'),
            $found === null => Message::of('input.found.null'),
            is_float($found) && ! is_finite($found) => Message::of('input.found.too-large'),
            is_int($found), is_float($found) => Message::of('input.found.number', ['number' => (string) $found]),
            is_array($found) => Message::of('input.found.list'),
            default => Message::of('input.found.object'),
        };
    }
}
