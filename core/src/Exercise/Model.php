<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Catalogue\Card\ProcedureCard;

/** A car that simulated ones are drawn from: its sheet's name, the card of one of its sensors, and where it stands. */
final readonly class Model
{
    /** @param string $name of the card in its register */
    public function __construct(public string $vehicle, public string $name, public string $sensor, public string $bay, public ProcedureCard $card) {}

    /** How its axis is adjusted; "none" where it is not. */
    public function way(): string
    {
        return $this->card->adjustment->way ?? 'none';
    }

    /** @return list<string> ids of what is asked before a run by its card */
    public function asks(): array
    {
        return array_column($this->card->preparation, 'id');
    }
}
