<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

/**
 * The JSON Canonicalization Scheme, RFC 8785: members sorted by UTF-16 code units, numbers as ECMAScript prints
 * them, no white space. Two documents that mean the same give the same bytes.
 */
final class CanonicalJson
{
    /**
     * @param mixed $value decoded JSON: objects as stdClass, lists as arrays
     *
     * @throws \InvalidArgumentException where a number is not finite or a text is not UTF-8
     */
    public static function encode(mixed $value): string
    {
        if ($value instanceof \JsonSerializable) {
            return self::encode($value->jsonSerialize());
        }

        return match (true) {
            $value === null => 'null',
            is_bool($value) => $value ? 'true' : 'false',
            is_int($value), is_float($value) => self::number((float) $value),
            is_string($value) => self::text($value),
            is_array($value) && array_is_list($value) => '[' . implode(',', array_map(self::encode(...), $value)) . ']',
            is_array($value) => self::object($value),
            $value instanceof \stdClass => self::object((array) $value),
            default => throw new \InvalidArgumentException('Only JSON values have a canonical form.'),
        };
    }

    /** @param array<array-key, mixed> $members */
    private static function object(array $members): string
    {
        $keys = array_map(strval(...), array_keys($members));
        usort($keys, static fn(string $a, string $b): int => strcmp(
            mb_convert_encoding($a, 'UTF-16BE', 'UTF-8'),
            mb_convert_encoding($b, 'UTF-16BE', 'UTF-8'),
        ));
        $parts = array_map(static fn(string $key): string => self::text($key) . ':' . self::encode($members[$key]), $keys);

        return '{' . implode(',', $parts) . '}';
    }

    private static function text(string $text): string
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw new \InvalidArgumentException('A text that is not UTF-8 has no canonical form.');
        }

        return json_encode($text, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_LINE_TERMINATORS);
    }

    /** Number::toString of ECMAScript (ECMA-262, 6.1.6.1.20). */
    private static function number(float $number): string
    {
        if (! is_finite($number)) {
            throw new \InvalidArgumentException('A number that is not finite has no canonical form.');
        }
        if ($number == 0.0) {
            return '0';
        }
        $sign = $number < 0 ? '-' : '';
        // The shortest digits that read back as the same double, whatever this process is set to print.
        if (preg_match('/^(\d)(?:\.(\d+))?e([+-]\d+)$/i', self::shortest(abs($number)), $match) !== 1) {
            throw new \LogicException('A number was not printed as expected.');
        }
        $digits = rtrim($match[1] . $match[2], '0');
        $point = (int) $match[3] + 1;
        $count = strlen($digits);

        return $sign . match (true) {
            $count <= $point && $point <= 21 => $digits . str_repeat('0', $point - $count),
            $point > 0 && $point <= 21 => substr($digits, 0, $point) . '.' . substr($digits, $point),
            $point > -6 && $point <= 0 => '0.' . str_repeat('0', -$point) . $digits,
            default => $digits[0] . ($count > 1 ? '.' . substr($digits, 1) : '') . 'e' . ($point > 0 ? '+' : '-') . abs($point - 1),
        };
    }

    /** In the form d.ddde±x with as few digits as read back the same. */
    private static function shortest(float $number): string
    {
        for ($digits = 0; $digits < 16; $digits++) {
            $text = sprintf('%.' . $digits . 'e', $number);
            if ((float) $text === $number) {
                return $text;
            }
        }

        return sprintf('%.16e', $number);
    }
}
