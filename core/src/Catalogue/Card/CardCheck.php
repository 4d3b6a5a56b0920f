<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;

/** A second person stands for a card: for each value that is tied to its page by itself, and so for the whole. */
final class CardCheck
{
    /**
     * @param \stdClass    $document the card; it is changed
     * @param list<string> $seen     JSON Pointers of the values that the person found right on the page
     *
     * @throws InvalidInput where a value has no source, or one on the page was not looked at
     */
    public static function of(\stdClass $document, string $person, array $seen): \stdClass
    {
        $card = Document::read(ProcedureCard::class, Node::decoded($document));
        $node = Node::decoded($document);
        foreach ($card->provenance as $pointer => $from) {
            $value = CardValues::of((string) $pointer, '/values', $node);
            if ($from->source === null) {
                throw InvalidInput::because('/values', 'card.check-unsaid', ['label' => $value->label()]);
            }
            if ($from->at !== null && ! in_array((string) $pointer, $seen, true)) {
                throw InvalidInput::because('/values', 'card.check-misses', ['label' => $value->label()]);
            }
        }
        foreach (array_keys($card->provenance) as $pointer) {
            if (in_array((string) $pointer, $seen, true)) {
                self::checked($document, (string) $pointer, $person);
            }
        }
        $document->checkedBy = $person;

        return $document;
    }

    private static function checked(\stdClass $document, string $pointer, string $person): void
    {
        $values = $document->values ?? null;
        $from = $values instanceof \stdClass ? $values->{$pointer} ?? null : null;
        if ($from instanceof \stdClass) {
            $from->checkedBy = $person;
        }
    }
}
