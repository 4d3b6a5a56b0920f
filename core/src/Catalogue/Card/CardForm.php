<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;

/** A procedure card as a person reads it: every value with its unit and where it comes from, and what it lacks. */
final class CardForm
{
    /** @return array<string, mixed> what a list shows of a card */
    public static function line(Node $document): array
    {
        $card = Document::read(ProcedureCard::class, $document);

        return [
            'title' => $card->title,
            'sensor' => $card->sensor->name,
            'car' => $card->fit === null ? '' : "{$card->fit->make} {$card->fit->model}",
            'source' => $card->source,
            'edition' => $card->edition,
            'dated' => $card->dated,
            'enteredBy' => $card->enteredBy,
            'checkedBy' => $card->checkedBy,
            'lacks' => count(CardValues::missing($document)),
            'disputed' => count($card->others),
        ];
    }

    /** @return array<string, mixed> */
    public static function page(Node $document): array
    {
        $card = Document::read(ProcedureCard::class, $document);
        $whole = new Provenance($card->source, $card->edition, $card->dated, $card->enteredBy, $card->checkedBy);

        return [
            'values' => array_map(static fn(CardValue $value): array => [
                'pointer' => $value->pointer,
                'group' => $value->group(),
                'label' => $value->label(),
                'kind' => $value->kind,
                'unit' => $value->unit,
                'required' => $value->required,
                'choices' => $value->choices,
                'said' => $value->said,
                'value' => CardValues::read($document, $value->pointer),
                'own' => isset($card->provenance[$value->pointer]),
                'from' => self::from($card->provenance[$value->pointer] ?? $whole),
                'others' => array_map(static fn(OtherValue $other): array => ['value' => $other->value, 'from' => self::from($other->from)], $card->others[$value->pointer] ?? []),
            ], CardValues::all()),
            'missing' => array_map(static fn(CardValue $value): array => ['pointer' => $value->pointer, 'label' => $value->label(), 'missing' => $value->lost()], CardValues::missing($document)),
            'checked' => $card->isChecked(),
            'page' => $card->page === null ? null : ['hash' => $card->page->hash, 'name' => $card->page->name],
            'unsaid' => CardEntry::unsaid($card),
        ];
    }

    /** @return array<string, mixed> */
    private static function from(Provenance $from): array
    {
        return ['source' => $from->source, 'edition' => $from->edition, 'dated' => $from->dated, 'enteredBy' => $from->enteredBy, 'checkedBy' => $from->checkedBy, 'at' => $from->at === null ? null : ['page' => $from->at->page, 'x' => $from->at->x, 'y' => $from->at->y]];
    }
}
