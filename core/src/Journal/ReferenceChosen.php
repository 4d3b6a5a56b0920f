<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;

/** The line that the card's values are taken from was chosen by the shop, because the card is silent (need J16). */
final readonly class ReferenceChosen extends Line
{
    public const KIND = 'reference';

    /** @param string $reference one of ProcedureCard::REFERENCES */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Choice(ProcedureCard::REFERENCES)]
        public string $reference,
        #[Text(300)]
        public string $reason,
    ) {
        parent::__construct($id, $person, $at);
    }
}
