<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** What differs between two versions of a card: single values by their names, lists by the rows that only one has. */
final class CardDifference
{
    /** @return list<array{label: Message, unit: string, before: string|Message|null, after: string|Message|null}> null where a version has none */
    public static function between(Node $before, Node $after): array
    {
        $found = [];
        foreach (CardValues::all() as $value) {
            [$old, $new] = [CardValues::read($before, $value->pointer), CardValues::read($after, $value->pointer)];
            $same = $value->isNumber() && $old !== null && $new !== null ? (float) $old === (float) $new : $old === $new;
            if (! $same) {
                $found[] = [
                    'label' => Message::of('card.value', ['group' => $value->group(), 'label' => $value->label()]),
                    'unit' => $value->unit,
                    'before' => self::said($value, $old),
                    'after' => self::said($value, $new),
                ];
            }
        }
        foreach (CardValues::lists() as $pointer) {
            $label = Message::of('card.list.' . strtr(substr($pointer, 1), ['/' => '.']));
            [$old, $new] = [self::rows(CardValues::at($before, $pointer)), self::rows(CardValues::at($after, $pointer))];
            [$gone, $come] = [array_values(array_diff($old, $new)), array_values(array_diff($new, $old))];
            if ($gone !== [] || $come !== []) {
                $found[] = ['label' => $label, 'unit' => '', 'before' => self::joined($gone), 'after' => self::joined($come)];
            } elseif ($old !== $new) {
                $found[] = ['label' => $label, 'unit' => '', 'before' => Message::of('card.same-rows'), 'after' => Message::of('card.other-order')];
            }
        }

        return $found;
    }

    private static function said(CardValue $value, string|float|int|null $found): string|Message|null
    {
        return match (true) {
            $found === null => null,
            $value->choices !== [] => $value->choiceSaid((string) $found),
            default => (string) $found,
        };
    }

    /** @param list<string> $rows */
    private static function joined(array $rows): ?string
    {
        return $rows === [] ? null : implode("\n", $rows);
    }

    /** @return list<string> each row of a list, or member of an object, as a line of text */
    private static function rows(?Node $node): array
    {
        $raw = $node?->raw();
        $rows = [];
        foreach ($raw instanceof \stdClass ? get_object_vars($raw) : (is_array($raw) ? $raw : []) as $key => $value) {
            $rows[] = ($raw instanceof \stdClass ? "$key: " : '') . self::line($value);
        }

        return $rows;
    }

    private static function line(mixed $value): string
    {
        if (is_array($value) || $value instanceof \stdClass) {
            $named = $value instanceof \stdClass;
            $parts = [];
            foreach ($named ? get_object_vars($value) : $value as $key => $part) {
                $parts[] = ($named ? "$key " : '') . self::line($part);
            }

            return implode(', ', $parts);
        }

        return is_bool($value) ? ($value ? 'yes' : 'no') : (is_scalar($value) ? (string) $value : '');
    }
}
