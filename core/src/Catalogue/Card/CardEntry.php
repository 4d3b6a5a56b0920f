<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Measure\Node;

/**
 * A card as somebody enters it, against the one it began with: a value that was changed has no source and no check until
 * somebody says them again (needs J38, J42).
 */
final class CardEntry
{
    /**
     * @param \stdClass      $entered the card's document as it was sent; it is changed
     * @param \stdClass|null $before  the version it follows or was copied from; null for a card from nothing
     * @param string         $person  who enters it
     */
    public static function of(\stdClass $entered, ?\stdClass $before, string $person): \stdClass
    {
        unset($entered->checkedBy);
        $entered->enteredBy = $person;
        [$new, $old] = [Node::decoded($entered), $before === null ? null : Node::decoded($before)];
        $values = self::map($entered, 'values');
        $known = $before === null ? [] : self::map($before, 'values');
        foreach (CardValues::all() as $value) {
            $found = CardValues::read($new, $value->pointer);
            if ($found === null) {
                unset($values[$value->pointer]);
                continue;
            }
            $from = self::from($values[$value->pointer] ?? null, $known[$value->pointer] ?? null, $person, $old !== null && ! self::same($found, CardValues::read($old, $value->pointer)));
            if ($from === null) {
                unset($values[$value->pointer]);
            } else {
                $values[$value->pointer] = $from;
            }
        }
        self::keep($entered, 'values', $values);
        self::keep($entered, 'others', self::others(self::map($entered, 'others'), $before));

        return $entered;
    }

    /** @return list<string> JSON Pointers of values of which nobody has said where they come from */
    public static function unsaid(ProcedureCard $card): array
    {
        return array_map(strval(...), array_keys(array_filter($card->provenance, static fn(Provenance $from): bool => $from->source === null)));
    }

    /** Where a value comes from now: as said with it, as it was, or not said. */
    private static function from(mixed $said, mixed $before, string $person, bool $isChanged): ?\stdClass
    {
        if ($isChanged && ($said === null || self::same($said, $before))) {
            return (object) ['enteredBy' => $person];
        }
        if ($said === null || (! $isChanged && self::same($said, $before))) {
            return $said instanceof \stdClass ? $said : null;
        }
        $from = $said instanceof \stdClass ? clone $said : new \stdClass();
        unset($from->checkedBy);
        $from->enteredBy = $person;

        return $from;
    }

    /**
     * What other sources give, with no check that the card before did not have.
     *
     * @param array<string, mixed> $others
     *
     * @return array<string, mixed>
     */
    private static function others(array $others, ?\stdClass $before): array
    {
        $known = $before === null ? [] : array_map(self::text(...), [...array_merge(...array_values(array_map(static fn(mixed $rows): array => is_array($rows) ? $rows : [], self::map($before, 'others')))), ...self::stood($before)]);
        foreach ($others as $rows) {
            foreach (is_array($rows) ? $rows : [] as $row) {
                if ($row instanceof \stdClass && isset($row->checkedBy) && ! in_array(self::text($row), $known, true)) {
                    unset($row->checkedBy);
                }
            }
        }

        return $others;
    }

    /**
     * The values of a card as they would stand beside another source's.
     *
     * @return list<\stdClass>
     */
    private static function stood(\stdClass $card): array
    {
        $node = Node::decoded($card);
        $whole = array_filter(['source' => $card->source ?? null, 'edition' => $card->edition ?? null, 'dated' => $card->dated ?? null, 'enteredBy' => $card->enteredBy ?? null, 'checkedBy' => $card->checkedBy ?? null], static fn(mixed $said): bool => $said !== null);
        $own = self::map($card, 'values');
        $stood = [];
        foreach (CardValues::all() as $value) {
            $found = CardValues::read($node, $value->pointer);
            if ($found !== null) {
                $stood[] = (object) ['value' => $found, ...($own[$value->pointer] ?? null) instanceof \stdClass ? get_object_vars($own[$value->pointer]) : $whole];
            }
        }

        return $stood;
    }

    /** @return array<string, mixed> */
    private static function map(\stdClass $card, string $field): array
    {
        $map = $card->{$field} ?? null;

        $members = [];
        foreach ($map instanceof \stdClass ? get_object_vars($map) : [] as $name => $member) {
            $members[(string) $name] = $member;
        }

        return $members;
    }

    /** @param array<string, mixed> $map */
    private static function keep(\stdClass $card, string $field, array $map): void
    {
        if ($map === []) {
            unset($card->{$field});
        } else {
            $card->{$field} = (object) $map;
        }
    }

    private static function same(mixed $a, mixed $b): bool
    {
        return self::text($a) === self::text($b);
    }

    /** One text for what is equal, in whatever order it names its members. */
    private static function text(mixed $value): string
    {
        if ($value instanceof \stdClass) {
            $members = get_object_vars($value);
            ksort($members);

            return '{' . implode(',', array_map(static fn(string $name, mixed $member): string => json_encode($name) . ':' . self::text($member), array_keys($members), $members)) . '}';
        }

        return (string) json_encode(is_int($value) ? (float) $value : $value);
    }
}
