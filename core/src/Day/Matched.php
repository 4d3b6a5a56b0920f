<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * What a calendar entry is about: an order that its title names is promised for when the entry begins, a person it names
 * is away while it lasts. An entry that names neither is about nothing, until somebody says.
 */
final readonly class Matched
{
    /** @param string|null $kind "absence" or "promise"; $subject id of the person or the order */
    private function __construct(public CalendarEntry $entry, public ?string $kind, public ?string $subject) {}

    /**
     * @param array<string, string> $people person → name
     * @param array<string, string> $orders open order → number
     */
    public static function of(CalendarEntry $entry, array $people, array $orders): self
    {
        $words = self::words($entry->title);
        foreach ($orders as $id => $number) {
            if (self::has($words, self::words($number))) {
                return new self($entry, 'promise', (string) $id);
            }
        }
        foreach ([static fn(string $name): array => self::words($name), static fn(string $name): array => array_slice(self::words($name), 0, 1)] as $part) {
            $named = array_keys(array_filter($people, static fn(string $name): bool => self::has($words, $part($name))));
            if (count($named) === 1) {
                return new self($entry, 'absence', (string) $named[0]);
            }
        }

        return new self($entry, null, null);
    }

    /**
     * @param list<string> $words
     * @param list<string> $wanted
     */
    private static function has(array $words, array $wanted): bool
    {
        for ($i = 0; $wanted !== [] && $i + count($wanted) <= count($words); $i++) {
            if (array_slice($words, $i, count($wanted)) === $wanted) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
