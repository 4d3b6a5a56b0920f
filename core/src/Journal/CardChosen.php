<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** The procedure card a sensor is calibrated by. */
final readonly class CardChosen extends OrderLine
{
    /** @param string $card id of the card's version */
    public function __construct(string $id, string $person, string $at, public string $sensor, public string $card)
    {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "card $this->sensor";
    }
}
