<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Text;

/** The procedure card a sensor is calibrated by. */
final readonly class CardChosen extends OrderLine
{
    public const KIND = 'card';

    /** @param string $card id of the card's version */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Id]
        public string $sensor,
        #[Text(60)]
        public string $card,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "card $this->sensor";
    }
}
