<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Corners;
use Lumbro\Core\Fields\Day;
use Lumbro\Core\Fields\Either;
use Lumbro\Core\Fields\Field;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\OwnForm;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Table;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Fields\Variant;
use Lumbro\Core\Fields\Wrapped;
use Lumbro\Core\Measure\Node;

/** The single values that a procedure card may have, in the order they are read. */
final class CardValues
{
    /** @var list<CardValue>|null */
    private static ?array $all = null;

    /** @return list<CardValue> as the tables of fields have them */
    public static function all(): array
    {
        if (self::$all === null) {
            $values = [];
            foreach (self::under(Table::of(ProcedureCard::class), '', null, true) as $value) {
                $values[$value->pointer] ??= $value;
            }
            self::$all = array_values($values);
        }

        return self::$all;
    }

    /** @return list<string> JSON Pointers of a card's lists, and of the objects whose members its author names */
    public static function lists(): array
    {
        return array_values(array_unique(self::listsUnder(Table::of(ProcedureCard::class), '')));
    }

    /**
     * @param string|null $group heading they stand under; null for that of the object they lie in
     * @param bool        $required whether the object they lie in is
     *
     * @return iterable<CardValue>
     */
    private static function under(Table $table, string $at, ?string $group, bool $required): iterable
    {
        foreach ($table->fields as $field) {
            $pointer = "$at/" . ($field->group === null ? '' : "$field->group/") . $field->name;
            $kind = $field->kind;
            if ($kind instanceof Part && ! is_subclass_of($kind->of, OwnForm::class)) {
                yield from self::under(Table::of($kind->of), $pointer, $group ?? $field->name, $required && ! $field->optional);
            } elseif ($kind instanceof Variant) {
                $must = array_intersect(Table::of($kind->without)->musts(), Table::of($kind->with)->musts());
                foreach ([$kind->without, $kind->with] as $class) {
                    foreach (self::under(Table::of($class), $pointer, $field->name, $required) as $value) {
                        // What only one of the two forms has, a card may lack.
                        yield in_array(substr($value->pointer, strlen($pointer) + 1), $must, true) ? $value : $value->optional();
                    }
                }
            } elseif ($field->form !== [null]) {
                $value = self::value($field, $pointer, $field->form[0] ?? $group ?? $field->group ?? 'card', $required && ! $field->optional);
                if ($value !== null) {
                    yield $value;
                }
            }
        }
    }

    private static function value(Field $field, string $pointer, string $group, bool $required): ?CardValue
    {
        $kind = $field->kind;

        return match (true) {
            $kind instanceof Text => new CardValue($pointer, $group, 'text', '', $required, [], $field->lost),
            $kind instanceof Day => new CardValue($pointer, $group, 'day', '', $required, [], $field->lost),
            $kind instanceof Number => new CardValue($pointer, $group, 'number', $kind->unit, $required, [], $field->lost),
            $kind instanceof Choice => new CardValue($pointer, $group, 'choice', '', $required, $kind->known(), $field->lost, said: $kind->said),
            $kind instanceof Either => new CardValue($pointer, $group, 'choice', '', $required, [$kind->false, $kind->true], $field->lost),
            default => null,
        };
    }

    /** @return list<string> */
    private static function listsUnder(Table $table, string $at): array
    {
        $found = [];
        foreach ($table->fields as $field) {
            $pointer = "$at/" . ($field->group === null ? '' : "$field->group/") . $field->name;
            $kind = $field->kind;
            if ($kind instanceof Part && ! is_subclass_of($kind->of, OwnForm::class)) {
                array_push($found, ...self::listsUnder(Table::of($kind->of), $pointer));
            } elseif ($kind instanceof ListOf || $kind instanceof Members || $kind instanceof Wrapped || $kind instanceof Corners || $kind instanceof Part) {
                $found[] = $pointer;
            }
        }

        return $found;
    }

    /**
     * The value at a pointer, which the card must have.
     *
     * @throws InvalidInput where there is no such value
     */
    public static function of(string $pointer, string $path, Node $card): CardValue
    {
        foreach (self::all() as $value) {
            if ($value->pointer === $pointer && self::read($card, $pointer) !== null) {
                return $value;
            }
        }

        throw InvalidInput::because($path, 'card.unknown-value', ['pointer' => mb_strimwidth($pointer, 0, 80, '…')]);
    }

    /** What a card has at a pointer: a number, a text, or null. */
    public static function read(Node $card, string $pointer): float|int|string|null
    {
        $raw = self::at($card, $pointer)?->raw();

        return is_int($raw) || is_float($raw) || is_string($raw) ? $raw : null;
    }

    /** What stands at a pointer that leads through objects alone; null where nothing does. */
    public static function at(Node $card, string $pointer): ?Node
    {
        $at = $card;
        foreach (array_slice(explode('/', $pointer), 1) as $step) {
            if ($at === null || ! $at->isObject()) {
                return null;
            }
            $at = $at->member($step);
        }

        return $at;
    }

    /**
     * The values a card lacks although something is lost without them.
     *
     * @return list<CardValue>
     */
    public static function missing(Node $card): array
    {
        $polar = self::read($card, '/spot/range') !== null;
        $skipped = $polar ? ['/spot/tolerance/along', '/spot/tolerance/across', '/spot/tolerance/yaw'] : ['/spot/tolerance/range', '/spot/tolerance/bearing'];
        if (self::read($card, '/adjustment/inclinometer/where') === null) {
            $skipped[] = '/adjustment/inclinometer/within';
        }

        return array_values(array_filter(
            self::all(),
            static fn(CardValue $value): bool => $value->isLost && ! in_array($value->pointer, $skipped, true) && self::read($card, $value->pointer) === null,
        ));
    }
}
