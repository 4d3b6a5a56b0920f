<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Failure\InvalidInput;

/**
 * What was sealed, held against what comes out now: every figure, verdict and code that the seal holds. What an edition
 * has added since is no difference, nor is another wording of what edition 2 kept as sentences.
 */
final class Comparison
{
    /** Figures that differ by less are the same, computed on another machine: absolute, and as a share. */
    private const SAME = 1e-6;

    /** At most this many differences are told. */
    private const TOLD = 20;

    /** Where edition 2 kept nothing but words, under names of its own. */
    private const WORDS = ['words', 'text', 'sideInWords'];

    /** @param list<string> $differences */
    private function __construct(private readonly bool $wordsCount, private array $differences = []) {}

    /**
     * @param mixed $sealed decoded JSON
     * @param mixed $again  the same, computed now
     * @param int   $edition of the record
     *
     * @return list<string> JSON Pointers of what came out otherwise, twenty at most
     */
    public static function differences(mixed $sealed, mixed $again, string $path, int $edition): array
    {
        $comparison = new self($edition >= 3);
        $comparison->compare($sealed, $again, $path);

        return array_slice($comparison->differences, 0, self::TOLD);
    }

    private function compare(mixed $sealed, mixed $again, string $path): void
    {
        if (! $this->wordsCount && ($sealed === '' && $again === null)) {
            // Nothing said, which edition 2 kept as an empty text.
            return;
        }
        if (! $this->wordsCount && self::isSaid($again)) {
            if (! is_string($sealed)) {
                $this->differences[] = $path;
            }

            return;
        }
        $isObject = $sealed instanceof \stdClass;
        if ($isObject && $again instanceof \stdClass) {
            [$sealed, $again] = [get_object_vars($sealed), get_object_vars($again)];
        }
        if (! is_array($sealed) || ! is_array($again)) {
            if (! self::isSame($sealed, $again)) {
                $this->differences[] = $path;
            }

            return;
        }
        foreach ($sealed as $key => $value) {
            $at = $path . '/' . InvalidInput::escape((string) $key);
            if (array_key_exists($key, $again)) {
                $this->compare($value, $again[$key], $at);
            } elseif ($this->wordsCount || ! in_array($key, self::WORDS, true)) {
                $this->differences[] = $at;
            }
        }
        if (! $isObject && count($again) > count($sealed)) {
            $this->differences[] = $path;
        }
    }

    private static function isSaid(mixed $value): bool
    {
        return $value instanceof \stdClass && isset($value->say);
    }

    private static function isSame(mixed $sealed, mixed $again): bool
    {
        return (is_float($sealed) || is_int($sealed)) && (is_float($again) || is_int($again))
            ? abs($sealed - $again) <= self::SAME * max(1.0, abs((float) $sealed))
            : $sealed === $again;
    }
}
