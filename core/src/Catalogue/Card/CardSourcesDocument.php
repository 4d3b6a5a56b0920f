<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** Reads where single values of a card come from, and what other sources give for them (need J38). */
final class CardSourcesDocument
{
    /**
     * @return array<string, Provenance> JSON Pointer of the value → where it comes from
     *
     * @throws InvalidInput where a pointer names no value of the card
     */
    public static function provenance(Node $node, Node $card): array
    {
        $found = [];
        foreach ($node->members() as $pointer => $item) {
            CardValues::of((string) $pointer, $item->path(), $card);
            $found[(string) $pointer] = self::from($item);
        }

        return $found;
    }

    /**
     * @return array<string, list<OtherValue>>
     *
     * @throws InvalidInput where a pointer names no value of the card, or the other value is of another kind
     */
    public static function others(Node $node, Node $card): array
    {
        $found = [];
        foreach ($node->members() as $pointer => $list) {
            $value = CardValues::of((string) $pointer, $list->path(), $card);
            $found[(string) $pointer] = array_map(static function (Node $item) use ($value): OtherValue {
                $f = $item->fields(['value', 'source', 'edition', 'dated', 'enteredBy'], ['checkedBy']);

                return new OtherValue(
                    $value->isNumber() ? $f['value']->number() : $f['value']->line(),
                    self::fields($f),
                );
            }, $list->fewItems(10));
        }

        return $found;
    }

    private static function from(Node $node): Provenance
    {
        return self::fields($node->fields(['source', 'edition', 'dated', 'enteredBy'], ['checkedBy']));
    }

    /** @param array<array-key, Node> $f */
    private static function fields(array $f): Provenance
    {
        return new Provenance(
            $f['source']->line(200),
            $f['edition']->line(40),
            $f['dated']->day(),
            $f['enteredBy']->line(80),
            isset($f['checkedBy']) ? $f['checkedBy']->line(80) : null,
        );
    }
}
