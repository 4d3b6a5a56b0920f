<?php

declare(strict_types=1);

namespace Lumbro\Core\Measure;

use Lumbro\Core\Failure\InvalidInput;

/**
 * Finds a field that a JSON text gives twice in one object. A decoder keeps the last of them in silence, so that one of
 * two different readings would be lost.
 */
final class RepeatedField
{
    /** A text followed by a colon; a text that is a value is passed over whole. */
    private const FIELD = '/"(?:[^"\\\\]++|\\\\.)*+"\s*+(?::|(*SKIP)(*FAIL))/s';

    /** A text with what follows it, or one that opens or closes an object or a list. */
    private const TOKEN = '/("(?:[^"\\\\]++|\\\\.)*+")(\s*+:)?|[{}\[\],]/s';

    /**
     * @param string $json  a text that has been decoded
     * @param mixed  $value what came of it
     *
     * @throws InvalidInput naming the field that comes twice
     */
    public static function refuse(string $json, mixed $value): void
    {
        if (preg_match_all(self::FIELD, $json) !== self::count($value)) {
            throw InvalidInput::because(self::find($json), 'input.twice');
        }
    }

    private static function count(mixed $value): int
    {
        $count = 0;
        if ($value instanceof \stdClass) {
            foreach ((array) $value as $member) {
                $count++;
                if ($member instanceof \stdClass || is_array($member)) {
                    $count += self::count($member);
                }
            }
        } elseif (is_array($value)) {
            foreach ($value as $member) {
                if ($member instanceof \stdClass || is_array($member)) {
                    $count += self::count($member);
                }
            }
        }

        return $count;
    }

    /** The JSON Pointer of the first field that comes twice. */
    private static function find(string $json): string
    {
        preg_match_all(self::TOKEN, $json, $tokens, PREG_SET_ORDER);
        /** @var list<array{int|string, array<array-key, true>}> $open where each open object or list stands now, and its fields so far */
        $open = [];
        foreach ($tokens as $token) {
            $last = count($open) - 1;
            if (isset($token[1], $token[2])) {
                $name = json_decode($token[1]);
                $name = is_string($name) ? $name : '';
                $open[$last][0] = $name;
                if (isset($open[$last][1][$name])) {
                    break;
                }
                $open[$last][1][$name] = true;
            } elseif ($token[0] === '{' || $token[0] === '[') {
                $open[] = [0, []];
            } elseif ($token[0] === '}' || $token[0] === ']') {
                array_pop($open);
            } elseif ($token[0] === ',' && is_int($open[$last][0])) {
                $open[$last][0]++;
            }
        }

        return implode('', array_map(static fn(array $at): string => '/' . InvalidInput::escape((string) $at[0]), $open));
    }
}
